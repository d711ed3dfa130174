<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete;

use Waage\Analysis\MemberEnvelopes;
use Waage\Material\CollapseQuestion;
use Waage\Material\Make;
use Waage\Material\Material;
use Waage\Material\MemberChecks;
use Waage\Material\NoCollapse;
use Waage\Material\Parameter;
use Waage\Material\Shape;
use Waage\Materials\Concrete\Aci318\Tools\Aci318Tools;
use Waage\Materials\Concrete\Bs8110\Tools\Bs8110Tools;
use Waage\Materials\Concrete\En1992\ConcreteBeam;
use Waage\Materials\Concrete\En1992\Tools\En1992Tools;
use Waage\Member\Fields;
use Waage\Units\UnitSystem;

/** Reinforced concrete: beams, and strips of slabs. */
final class Concrete implements Material
{
    private const WIDTHS = [200, 250, 300, 350, 400, 450, 500, 600];

    private const THICKNESSES = [120, 140, 150, 160, 180, 200, 220, 240, 250, 280, 300, 350];

    private const INCHES = [[8, 10, 12, 14, 16, 18, 20, 24], [12, 14, 16, 18, 20, 22, 24, 26, 28, 30, 32, 36, 40]];

    private const SLABS_IN_INCHES = [4, 5, 6, 6.5, 7, 7.5, 8, 9, 10, 12];

    private const DEPTHS = [250, 300, 350, 400, 450, 500, 550, 600, 650, 700, 750, 800, 900, 1000];

    public function id(): string
    {
        return 'concrete';
    }

    public function read(Fields $fields, array $block, Shape $shape, string $path): ?Make
    {
        return (new ConcreteReader($fields, $block, $path))->read($shape);
    }

    public function parameters(): array
    {
        return [
            new Parameter('gammaC', 'gamma_C', 1.5, 1.0, 2.0, 'EN 1992-1-1, Table 2.1N'),
            new Parameter('gammaS', 'gamma_S', 1.15, 1.0, 1.5, 'EN 1992-1-1, Table 2.1N'),
            new Parameter('alphaCc', 'alpha_cc', 1.0, 0.8, 1.0, 'EN 1992-1-1, 3.1.6(1)'),
            new Parameter('gammaMs', 'gamma_ms', 1.05, 1.0, 1.15, 'BS 8110-1, Table 2.2'),
        ];
    }

    public function tools(): array
    {
        return [...En1992Tools::all(), ...Aci318Tools::all(), ...Bs8110Tools::all()];
    }

    public function choices(): array
    {
        return [
            'grade' => Grade::names(Code::En1992),
            'grade asce' => Grade::names(Code::Aci318),
            'grade classic' => Grade::names(Code::Bs8110),
            'crackWidth' => array_column(CrackWidth::cases(), 'value'),
            'exposure' => Cover::exposures(Code::En1992),
            'exposure asce' => Cover::exposures(Code::Aci318),
            'exposure classic' => Cover::exposures(Code::Bs8110),
            'fire' => array_map(fn (int $minutes): string => "R{$minutes}", Fire::periods()),
            'profile' => array_column(Profile::cases(), 'value'),
        ];
    }

    public function knows(string $section): bool
    {
        return false;
    }

    public function candidates(Make $make): iterable
    {
        $concrete = ConcreteMake::from($make);
        [$widths, $depths] = $this->sizes($concrete);
        foreach ($widths as $b) {
            foreach ($depths as $h) {
                $other = $concrete->withSize($b, $h);
                $flange = $concrete->widths?->flange;
                if ($flange !== null && ($b >= $flange->width || $h <= $flange->thickness)) {
                    continue;
                }
                if (array_filter($concrete->wishes->bars(), fn (Bars $bars): bool => ! $other->fits($bars)) === []) {
                    yield $other;
                }
            }
        }
    }

    /** @return array{list<float>, list<float>} widths and depths of the shortlist, mm */
    private function sizes(ConcreteMake $concrete): array
    {
        $isMetric = $concrete->units() === UnitSystem::Metric;
        $unit = $isMetric ? 1.0 : 25.4;
        $scaled = fn (array $sizes): array => array_values(array_map(fn (int|float $s): float => $unit * $s, $sizes));
        if ($concrete->isSlab()) {
            return [[$concrete->b], $scaled($isMetric ? self::THICKNESSES : self::SLABS_IN_INCHES)];
        }

        return [
            $scaled($isMetric ? self::WIDTHS : self::INCHES[0]),
            $scaled($isMetric ? self::DEPTHS : self::INCHES[1]),
        ];
    }

    public function checks(MemberEnvelopes $envelopes): MemberChecks
    {
        return match (Code::of($envelopes->beam->member->basis)) {
            Code::En1992 => new ConcreteBeam($envelopes),
            Code::Aci318 => new Aci318\ConcreteBeam($envelopes),
            Code::Bs8110 => new Bs8110\ConcreteBeam($envelopes),
            Code::None => new NoStandard,
        };
    }

    public function collapse(CollapseQuestion $question): array
    {
        return NoCollapse::because('How far plastic hinges of concrete turn is not computed.');
    }
}
