<?php

declare(strict_types=1);

namespace Waage\Materials\ColdFormed\Aisi2016;

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

/** The checks of a joist, purlin or stud of a cold-formed C or Z after AISI S100-16, direct strength. */
final readonly class ColdFormedBeam implements MemberChecks
{
    use PlainChecks;

    private Bending $bending;

    private Web $web;

    private Axial $axial;

    private Minor $minor;

    private Deflection $deflection;

    private Unweighed $unweighed;

    private Method $method;

    public function __construct(private MemberEnvelopes $envelopes)
    {
        $this->method = Method::of($envelopes->beam->member->basis);
        $search = new BendingSearch($envelopes);
        $this->bending = new Bending($search, $this->method);
        $combinations = new AxialSearch($envelopes);
        $this->axial = new Axial($combinations, $search, $envelopes->beam->member, $this->bending, $this->method);
        $this->minor = new Minor($combinations, $search, $this->axial, $this->bending, $this->method);
        $this->web = new Web($this->bending, $this->method, $envelopes->beam->member->length);
        $this->deflection = new Deflection(new ServiceSearch($envelopes), $this->bending);
        $this->unweighed = new Unweighed('AISI S100-16', 'cold-formed sections');
    }

    public function standard(): string
    {
        return "AISI S100-16, {$this->method->value}";
    }

    public function weigh(Make $make, Detail $detail): array
    {
        $of = ColdFormedMake::from($make);

        return [
            ...$this->envelopes->strength === []
                ? []
                : [
                    ...$this->bending->weigh($of, $detail),
                    ...(new WebSearch($this->envelopes))->weigh($of, $this->web, $detail),
                    ...$this->axial->weigh($of, $detail),
                    ...Bridging::weigh($this->envelopes, $of, $detail),
                ],
            ...$this->deflection->weigh($of, $detail),
            ...$of->sizes->shape->isZ() || $of->holes !== null
                ? $this->unweighed->beyondBending($this->envelopes, $of->weight(), false)
                : [...$this->minor->weigh($of, $detail), ...$this->unweighed->torsion($this->envelopes)],
            ...Twist::weigh($this->envelopes, $of->weight(), 'AISI S100-16, H4'),
            ...$this->beyondMethod($of),
            ...Holes::beyond($of),
            ...$this->pulledWithHoles($of),
        ];
    }

    public function settle(Make $make): Make
    {
        return $this->envelopes->axial === null ? $make : ColdFormedMake::from($make)->pressed();
    }

    /** @return list<Weighing> rupture of the net section asks for a tensile strength that is not given */
    private function pulledWithHoles(ColdFormedMake $of): array
    {
        $N = $this->envelopes->axial?->extreme($this->envelopes->strength, -1, $of->weight());
        $why = 'Tension of a section with holes is not computed: its rupture (D3) asks for the tensile strength.';

        return $of->holes === null || $N === null || $N->value > -1.0
            ? []
            : [new Weighing('tension', 'Tension', 'AISI S100-16, D3', null, applies: false, remark: $why)];
    }

    /** @return list<Weighing> Table B4.1-1: sections that direct strength was calibrated for */
    private function beyondMethod(ColdFormedMake $of): array
    {
        $s = $of->sizes;
        $hasLips = $s->shape->hasLips();
        $flange = $s->b - ($hasLips ? 2 : 1) * ($s->r + $s->t);
        $limits = [
            $s->web() / $s->t > 300.0 => 'its web is more than 300 times as deep as thick',
            $flange / $s->t > ($hasLips ? 160.0 : 60.0) => 'its flange is too wide for its thickness',
            $hasLips && $s->c / $s->b > 0.7 => 'its lip is longer than 0.7 of the flange',
            $s->r / $s->t > 20.0 => 'its radius is more than 20 times its thickness',
            $of->Fy > 655.1 => 'its yield strength is more than 655 MPa',
        ];
        if (! isset($limits[true])) {
            return [];
        }
        $remark = "Direct strength is not covered here: {$limits[true]}.";

        $clause = 'AISI S100-16, Table B4.1-1';

        return [new Weighing('method', 'Limits of the method', $clause, null, applies: false, remark: $remark)];
    }

    public function assumptions(): array
    {
        return [
            'Not weighed: connections, bearing under loads that move, laps.',
            'Under axial force it buckles in the plane between supports, sideways and twisting between restraints; sheathing of both flanges holds it all along.',
            'Bending is constrained to the horizontal axis; C_b by quarter points, each arrangement with its own; 1 with axial force; elastic buckling by finite strips (Appendix 2).',
            'Points of restraint of both flanges, and supports, hold the section against twisting; sheeting at one flange restrains that flange only.',
            'Bearing by Tables G5-1 to G5-3 at supports and under forces, two flanges loaded where these are closer than 1.5 h, not where a support is fixed; a bearing within 1.5 h of the end is one at the end.',
            'Of lateral loads bending is weighed for a C without holes, in the weaker sense; shear of the flanges and deflection are not.',
            'Shear of a web without stiffeners, k_v = 5.34. No inelastic reserve, no strength from forming.',
            'Deflection with I_g min(M_nl, M_nd)/M at the greatest service moment, for all of the member (L2).',
        ];
    }
}
