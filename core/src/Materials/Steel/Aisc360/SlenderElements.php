<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\Aisc360;

use Waage\Checks\Derivation;
use Waage\Units\Kind;

/** ANSI/AISC 360, E7.1: elements of a section in compression, and what it loses where they are slender. Sizes in mm. */
final readonly class SlenderElements
{
    /**
     * @param  string  $of  subscript
     * @param  array{string, float}  $width  symbol and size
     * @param  array{string, float}  $thickness
     * @param  int  $count  of elements alike
     * @param  float  $limit  λ_r
     * @param  array{float, float}  $factors  c_1, c_2 (Table E7.1)
     */
    public function __construct(
        private string $of,
        private array $width,
        private array $thickness,
        private int $count,
        private float $limit,
        private array $factors,
        private string $case,
        private string $note,
    ) {
    }

    /**
     * A_e, mm².
     *
     * @param  list<self>  $elements
     */
    public static function area(Profile $profile, float $Fcr, array $elements, ?Derivation $d): float
    {
        $terms = $values = [];
        $Ae = $profile->whole->A;
        foreach ($elements as $element) {
            $effective = $element->effective($profile->Fy, $Fcr, $d);
            [[$b, $width], [$t, $thickness]] = [$element->width, $element->thickness];
            if ($effective < $width) {
                $Ae -= $element->count * ($width - $effective) * $thickness;
                $terms[] = ($element->count === 1 ? '' : "{$element->count} * ")."({$b} - {$b}_e) * {$t}";
                $values += [
                    $b => [$width, Kind::Size],
                    "{$b}_e" => [$effective, Kind::Size],
                    $t => [$thickness, Kind::Size],
                ];
            }
        }
        $d?->with(['A_g' => [$profile->whole->A, Kind::Area], ...$values])->line(
            'A_e',
            implode(' - ', ['A_g', ...$terms]),
            Kind::Area,
            'E7',
            $terms === [] ? 'nothing is lost' : '',
        );

        return $Ae;
    }

    private function effective(float $Fy, float $Fcr, ?Derivation $d): float
    {
        [[$b, $width], [$t, $thickness], $of, [$c1, $c2]] = [$this->width, $this->thickness, $this->of, $this->factors];
        $lambda = $width / $thickness;
        $isSlender = $lambda > $this->limit * sqrt($Fy / $Fcr);
        $d?->with([$b => [$width, Kind::Size], $t => [$thickness, Kind::Size]])->line(
            "lambda_{$of}",
            "{$b} / {$t}",
            Kind::Number,
            'E7.1',
            $this->note,
        );
        $d?->given(
            "lambda_r{$of}",
            $this->limit,
            Kind::Number,
            $this->case,
            match (true) {
                $lambda <= $this->limit => 'nonslender',
                $isSlender => 'slender, and more than λ_r √(F_y/F_cr)',
                default => 'slender, but not more than λ_r √(F_y/F_cr): fully effective',
            },
        );
        if (! $isSlender) {
            return $width;
        }
        $Fel = (($c2 * $this->limit) / $lambda) ** 2 * $Fy;
        $effective = $width * (1 - $c1 * sqrt($Fel / $Fcr)) * sqrt($Fel / $Fcr);
        $d?->with(['F_y' => [$Fy, Kind::Stress]])->line(
            "F_el_{$of}",
            "({$c2} * lambda_r{$of} / lambda_{$of})^2 * F_y",
            Kind::Stress,
            'E7-5',
        );
        $d?->with(['F_cr' => [$Fcr, Kind::Stress]])->line(
            "{$b}_e",
            "{$b} * (1 - {$c1} * sqrt(F_el_{$of} / F_cr)) * sqrt(F_el_{$of} / F_cr)",
            Kind::Size,
            'E7-3',
        );

        return $effective;
    }
}
