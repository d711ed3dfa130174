<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\En1993;

use Waage\Checks\Derivation;
use Waage\Materials\Steel\Sections\CircularHollow;
use Waage\Materials\Steel\Sections\Finish;
use Waage\Units\Kind;

/** A circular hollow section. */
final readonly class Tube extends Profile
{
    public function __construct(private CircularHollow $section)
    {
        parent::__construct($section);
    }

    public function parts(Strain $by): array
    {
        return [
            new ClassedPart('tube', ['d', $this->section->h], ['t', $this->section->t], ClassedPart::TUBE, 'tube', 2),
        ];
    }

    public function local(float $epsilon): ?LocalBuckling
    {
        return EffectiveTube::covers($this->section, $epsilon) ? new EffectiveTube($this->section, $epsilon) : null;
    }

    public function shearArea(float $eta, ?Derivation $d = null): float
    {
        return $this->sidewaysShearArea($d);
    }

    public function sidewaysShearArea(?Derivation $d = null): float
    {
        $d?->with(['A' => [$this->section->A, Kind::Area]])->line('A_v', '2 * A / pi', Kind::Area, '6.2.6(3)g');

        return (2 * $this->section->A) / M_PI;
    }

    public function curves(bool $isS460): array
    {
        return self::curvesOf($this->section->finish, $isS460);
    }

    /** @return array{string, string} of hollow sections as they are rolled or formed */
    public static function curvesOf(Finish $finish, bool $isS460): array
    {
        return match (true) {
            in_array($finish, [Finish::Cold, Finish::Tubing], true) => ['c', 'c'],
            $isS460 => ['a0', 'a0'],
            default => ['a', 'a'],
        };
    }

    public function plasticLeft(string $axis, float $n, ?Derivation $d = null): float
    {
        $d?->with(['n' => [$n, Kind::Number]])->line(
            "m_N_{$axis}",
            '1 - n^1.7',
            Kind::Number,
            '6.2.9.1(5)',
            'M_N_Rd over M_pl_Rd',
        );

        return 1 - $n ** 1.7;
    }

    public function exponents(float $n, ?Derivation $d = null): array
    {
        $d?->given('alpha', 2.0, Kind::Number, '6.2.9.1(6)');
        $d?->given('beta', 2.0, Kind::Number, '6.2.9.1(6)');

        return [2.0, 2.0];
    }
}
