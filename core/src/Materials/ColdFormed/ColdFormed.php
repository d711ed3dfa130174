<?php

declare(strict_types=1);

namespace Waage\Materials\ColdFormed;

use Waage\Analysis\MemberEnvelopes;
use Waage\Material\CollapseQuestion;
use Waage\Material\Make;
use Waage\Material\Material;
use Waage\Material\MemberChecks;
use Waage\Material\NoCollapse;
use Waage\Material\Parameter;
use Waage\Material\Shape;
use Waage\Materials\ColdFormed\Aisi2016\ColdFormedBeam;
use Waage\Materials\ColdFormed\Tools\ColdFormedTools;
use Waage\Member\Fields;
use Waage\Units\UnitSystem;

/** Cold-formed sections: C and Z by their dimensions. */
final class ColdFormed implements Material
{
    /** A series made by rule, mm or in.: depths, thicknesses; flanges and lips go with the depth. No products. */
    private const METRIC = [[100.0, 150.0, 200.0, 250.0, 300.0], [1.2, 1.5, 2.0, 2.5, 3.0]];

    private const US = [[4.0, 6.0, 8.0, 10.0, 12.0], [0.05, 0.06, 0.08, 0.1, 0.12]];

    private const INCH = 25.4;

    public function id(): string
    {
        return 'coldFormed';
    }

    public function read(Fields $fields, array $block, Shape $shape, string $path): ?Make
    {
        return (new ColdFormedReader($fields, $block, $path))->read($shape);
    }

    public function parameters(): array
    {
        return [
            new Parameter('gammaM0', 'gamma_M0', 1.0, 1.0, 1.5, 'EN 1993-1-3, 2(3)'),
            new Parameter('gammaM1', 'gamma_M1', 1.0, 1.0, 1.5, 'EN 1993-1-3, 2(3)'),
        ];
    }

    public function tools(): array
    {
        return ColdFormedTools::all();
    }

    public function choices(): array
    {
        return [
            'shape' => array_column(SectionShape::cases(), 'value'),
            'yield' => array_column(SheetGrade::cases(), 'value'),
        ];
    }

    public function knows(string $section): bool
    {
        return false;
    }

    public function candidates(Make $make): iterable
    {
        $of = ColdFormedMake::from($make);
        $isMetric = $of->units() === UnitSystem::Metric;
        [$depths, $thicknesses] = $isMetric ? self::METRIC : self::US;
        $unit = $isMetric ? 1.0 : self::INCH;
        // Flanges in steps of 5 mm or a quarter of an inch.
        [$least, $step] = $isMetric ? [35.0, 5.0] : [1.5, 0.25];
        [$small, $large, $deep] = $isMetric ? [15.0, 20.0, 200.0] : [0.6, 0.8, 8.0];
        foreach ($depths as $h) {
            foreach ($thicknesses as $t) {
                $flange = $step * round(($least + 0.15 * $h) / $step);
                $lip = $h < $deep ? $small : $large;
                $sizes = new Sizes(
                    $of->sizes->shape,
                    $unit * $h,
                    $unit * $flange,
                    $unit * $lip,
                    $unit * $t,
                    max(3.0, $unit * $t),
                    $of->sizes->lean,
                );
                if ($sizes->fault() === null && $of->options->looksAt($sizes)) {
                    yield $of->withSizes($sizes);
                }
            }
        }
    }

    public function checks(MemberEnvelopes $envelopes): MemberChecks
    {
        return match (Standard::of($envelopes->beam->member->basis)) {
            Standard::Aisi => new ColdFormedBeam($envelopes),
            Standard::AsNzs => new AsNzs4600\ColdFormedBeam($envelopes),
            Standard::En => new En1993\ColdFormedBeam($envelopes),
            Standard::None => new NoStandard,
        };
    }

    public function collapse(CollapseQuestion $question): array
    {
        return NoCollapse::because('Thin sections buckle before they turn.');
    }
}
