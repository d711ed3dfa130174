<?php

declare(strict_types=1);

namespace Waage\Material;

/** A solid rectangle, b wide and h deep, mm. */
final readonly class Rectangle
{
    public function __construct(public float $b, public float $h)
    {
    }

    /** "63×225" */
    public function name(): string
    {
        return self::size($this->b).'×'.self::size($this->h);
    }

    /** A length in mm without zeros at its end. */
    public static function size(float $mm): string
    {
        return rtrim(rtrim(number_format($mm, 1, '.', ''), '0'), '.');
    }

    /** A length in inches, to a quarter where it is more than three. */
    public static function inches(float $mm): string
    {
        $inches = $mm / 25.4;

        return rtrim(rtrim(number_format($inches > 3.0 ? round($inches * 4) / 4 : $inches, 2, '.', ''), '0'), '.');
    }

    /** mm⁴, by the series of St Venant with its first term: within half a per cent. */
    public function torsionConstant(): float
    {
        [$t, $d] = [min($this->b, $this->h), max($this->b, $this->h)];

        return (($d * $t ** 3) / 3) * (1 - ((0.63 * $t) / $d) * (1 - $t ** 4 / (12 * $d ** 4)));
    }

    /** @param  float|null  $EFlat  of bending about the minor axis; null: the same */
    public function rigidity(float $E, float $G, ?float $EFlat = null): Rigidity
    {
        [$b, $h] = [$this->b, $this->h];

        return new Rigidity(
            ($E * $b * $h ** 3) / 12,
            $E * $b * $h,
            ($G * $b * $h * 5) / 6,
            (($EFlat ?? $E) * $h * $b ** 3) / 12,
            $G * $this->torsionConstant(),
        );
    }

    /**
     * @return array<string, mixed> what the result tells of a section (core/schema/result.schema.json), without weight
     *     and strength
     */
    public function describe(): array
    {
        [$b, $h] = [$this->b, $this->h];

        return [
            'name' => $this->name(),
            'shape' => 'solid',
            'h' => $h,
            'b' => $b,
            'tw' => $b,
            'tf' => $b,
            'r' => 0.0,
            'A' => $b * $h,
            'Iy' => ($b * $h ** 3) / 12,
            'Iz' => ($h * $b ** 3) / 12,
            'Wely' => ($b * $h ** 2) / 6,
            'Wply' => ($b * $h ** 2) / 4,
            'It' => $this->torsionConstant(),
            'Iw' => 0.0,
        ];
    }
}
