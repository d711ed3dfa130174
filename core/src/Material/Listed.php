<?php

declare(strict_types=1);

namespace Waage\Material;

/** A make that is cut from pieces which are listed, for the member and for the job. */
interface Listed
{
    /**
     * @return list<array{name: string, grade: string, pieces: int, length: float, volume: float, mass: float}>
     *     length of a piece (mm), volume (m³) and mass (kg) of all
     */
    public function pieceList(): array;
}
