<?php

declare(strict_types=1);

namespace Waage\Materials\ColdFormed\En1993;

use Waage\Analysis\MemberEnvelopes;
use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Material\Make;
use Waage\Material\MemberChecks;
use Waage\Material\PlainChecks;
use Waage\Material\Unweighed;
use Waage\Materials\ColdFormed\AxialSearch;
use Waage\Materials\ColdFormed\BendingSearch;
use Waage\Materials\ColdFormed\ColdFormedMake;
use Waage\Materials\ColdFormed\ServiceSearch;
use Waage\Materials\ColdFormed\Twist;
use Waage\Materials\ColdFormed\WebSearch;
use Waage\Units\UnitSystem;

/** The checks of a joist, purlin or stud of a cold-formed C or Z after EN 1993-1-3, by effective widths. */
final readonly class ColdFormedBeam implements MemberChecks
{
    use PlainChecks;

    private const STANDARD = 'EN 1993-1-3:2006';

    private Bending $bending;

    private Web $web;

    private Axial $axial;

    private Deflection $deflection;

    private Unweighed $unweighed;

    public function __construct(private MemberEnvelopes $envelopes)
    {
        $search = new BendingSearch($envelopes);
        $this->bending = new Bending($search);
        $this->web = new Web($this->bending);
        $this->axial = new Axial(new AxialSearch($envelopes), $search, $envelopes->beam->member, $this->bending);
        $this->deflection = new Deflection(new ServiceSearch($envelopes));
        $this->unweighed = new Unweighed('EN 1993-1-3', 'cold-formed sections');
    }

    public function standard(): string
    {
        return self::STANDARD;
    }

    /** Strengths in MPa and lengths in mm stand in its formulas. */
    public function printedIn(UnitSystem $ofJob): UnitSystem
    {
        return UnitSystem::Metric;
    }

    public function factors(): array
    {
        $make = ColdFormedMake::from($this->envelopes->beam->member->make);

        return ['gamma_M0' => $make->parameter('gammaM0'), 'gamma_M1' => $make->parameter('gammaM1')];
    }

    public function weigh(Make $make, Detail $detail): array
    {
        $of = ColdFormedMake::from($make);
        $why = $this->beyond($of);
        if ($why !== '') {
            $title = 'Strength';

            return [new Weighing('strength', $title, 'EN 1993-1-3, 5.2', null, applies: false, remark: $why)];
        }

        return [
            ...$this->envelopes->strength === []
                ? []
                : [
                    Bending::told($of, true, $detail),
                    ...$this->envelopes->axial === null ? [] : [Bending::told($of, false, $detail)],
                    ...$this->bending->weigh($of, $detail),
                    ...(new WebSearch($this->envelopes))->weigh($of, $this->web, $detail),
                    ...$this->axial->weigh($of, $detail),
                ],
            ...$this->deflection->weigh($of, $detail),
            ...$this->unweighed->beyondBending($this->envelopes, $of->weight(), false),
            ...Twist::weigh($this->envelopes, $of->weight(), 'EN 1993-1-3, 6.1.6'),
        ];
    }

    public function settle(Make $make): Make
    {
        return $this->envelopes->axial === null ? $make : ColdFormedMake::from($make)->pressed();
    }

    /** Where its rules end (3.2.4, 5.1, 5.2); empty: they do not. */
    private function beyond(ColdFormedMake $of): string
    {
        $s = $of->sizes;
        $hasLips = $s->shape->hasLips();
        $lean = rad2deg($s->lean);
        $limits = [
            $of->holes !== null => 'webs without openings',
            $s->t < 0.45 || $s->t > 15.0 => 'a core thickness of 0.45 to 15 mm',
            $s->b / $s->t > ($hasLips ? 60.0 : 50.0) => $hasLips
                ? 'flanges of up to 60 times the thickness'
                : 'plain flanges of up to 50 times the thickness',
            $hasLips && $s->c / $s->t > 50.0 => 'lips of up to 50 times the thickness',
            $s->h / $s->t > 500.0 => 'webs of up to 500 times the thickness',
            $hasLips && ($s->c / $s->b < 0.2 || $s->c / $s->b > 0.6) => 'lips of 0.2 to 0.6 of the flange',
            $hasLips && ($lean < 45.0 || $lean > 135.0) => 'lips turned by 45° to 135°',
        ];

        return isset($limits[true]) ? "The rules of EN 1993-1-3 are for {$limits[true]} (3.2.4, 5.2)." : '';
    }

    public function assumptions(): array
    {
        return [
            'Not weighed: connections, bearing under loads that move, laps, forces in bridging; the restraint that sheeting gives to a free flange (section 10).',
            'By effective widths; t is the core thickness; moduli by midlines. χ_d of the edge fold is iterated, K and b_e1 of the first step.',
            'Bending is constrained to the horizontal axis; C_1 by quarter points, each arrangement with its own; 1 with axial force. All modes by curve b.',
            'Under axial force it buckles in the plane between supports, sideways and twisting between restraints; sheathing of both flanges holds it all along.',
            'Points of restraint of both flanges, and supports, hold the section against twisting; sheeting at one flange restrains that flange only.',
            'Two C back to back act side by side, each web by 6.1.7.2.',
            'Local forces at supports and under loads with the web free to rotate (6.1.7.2), not where a support is fixed.',
            'Shear without stiffening at supports. No plastic reserve (6.1.4.1(1)), no strength from forming.',
            'Deflection by I_fic with the effective section at f_yb (7.1(3)), for all of the member.',
        ];
    }
}
