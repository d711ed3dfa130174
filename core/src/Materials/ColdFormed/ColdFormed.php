<?php

declare(strict_types=1);

namespace Waage\Materials\ColdFormed;

use Waage\Analysis\MemberEnvelopes;
use Waage\Design\Design;
use Waage\Loading\RuleSet;
use Waage\Material\Make;
use Waage\Material\Material;
use Waage\Material\MemberChecks;
use Waage\Material\NoCollapse;
use Waage\Material\Shape;
use Waage\Materials\ColdFormed\Aisi2016\ColdFormedBeam;
use Waage\Materials\ColdFormed\Tools\ColdFormedTools;
use Waage\Member\Fields;

/** Cold-formed sections: C and Z by their dimensions. */
final class ColdFormed implements Material
{
    /** A series made by rule, mm: depths, thicknesses; flanges and lips go with the depth. No products. */
    private const DEPTHS = [100.0, 150.0, 200.0, 250.0, 300.0];

    private const THICKNESSES = [1.2, 1.5, 2.0, 2.5, 3.0];

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
        return [];
    }

    public function tools(): array
    {
        return ColdFormedTools::all();
    }

    public function choices(): array
    {
        return ['shape' => array_column(SectionShape::cases(), 'value')];
    }

    public function knows(string $section): bool
    {
        return false;
    }

    public function candidates(Make $make): iterable
    {
        $of = ColdFormedMake::from($make);
        foreach (self::DEPTHS as $h) {
            foreach (self::THICKNESSES as $t) {
                $flange = 5 * round((35 + 0.15 * $h) / 5);
                $lip = $h < 200.0 ? 15.0 : 20.0;
                $sizes = new Sizes($of->sizes->shape, $h, $flange, $lip, $t, max(3.0, $t), $of->sizes->lean);
                if ($sizes->fault() === null) {
                    yield $of->withSizes($sizes);
                }
            }
        }
    }

    public function checks(MemberEnvelopes $envelopes): MemberChecks
    {
        return RuleSet::of($envelopes->beam->member->basis->combinations)->isAisc360()
            ? new ColdFormedBeam($envelopes)
            : new NoStandard();
    }

    public function collapse(Design $design, string $combination): array
    {
        return NoCollapse::because('Thin sections buckle before they turn.');
    }
}
