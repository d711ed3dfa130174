<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\Sections;

/**
 * A section of one web between two flanges alike: I, H and channels. Its clauses about webs and flanges are the same.
 */
abstract readonly class Flanged extends Section
{
    public float $tw;

    public float $tf;

    public float $r;

    public float $hw;

    public float $d;

    public float $c;

    protected function __construct(
        string $name,
        string $family,
        float $h,
        float $b,
        float $hs,
        Properties $of,
        FlangedSizes $sizes,
        public Finish $finish,
    ) {
        parent::__construct($name, $family, $h, $b, $hs, $of);
        [$this->tw, $this->tf, $this->r] = [$sizes->tw, $sizes->tf, $sizes->r];
        [$this->hw, $this->d, $this->c] = [$sizes->hw, $sizes->d, $sizes->c];
    }

    public function hasTwoFlanges(): bool
    {
        return true;
    }
}
