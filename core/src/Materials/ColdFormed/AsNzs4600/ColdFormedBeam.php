<?php

declare(strict_types=1);

namespace Waage\Materials\ColdFormed\AsNzs4600;

use Waage\Analysis\MemberEnvelopes;
use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Material\Make;
use Waage\Material\MemberChecks;
use Waage\Material\PlainChecks;
use Waage\Materials\ColdFormed\Aisi2016;

/**
 * The checks of a cold-formed C or Z after AS/NZS 4600:2018, Section 7: the direct strength of AISI S100 in its
 * terms.
 */
final readonly class ColdFormedBeam implements MemberChecks
{
    use PlainChecks;

    private Aisi2016\ColdFormedBeam $same;

    public function __construct(MemberEnvelopes $envelopes)
    {
        $this->same = new Aisi2016\ColdFormedBeam($envelopes);
    }

    public function standard(): string
    {
        return 'AS/NZS 4600:2018';
    }

    public function weigh(Make $make, Detail $detail): array
    {
        return array_map(fn (Weighing $w): Weighing => Dialect::of($w), $this->same->weigh($make, $detail));
    }

    public function settle(Make $make): Make
    {
        return $this->same->settle($make);
    }

    public function assumptions(): array
    {
        return [
            'Not weighed: connections, bearing under loads that move, laps.',
            'By Section 7, direct strength; C_b by quarter points, 1 with axial force; elastic buckling by finite strips (Appendix D). E = 200 000, G = 80 000 MPa.',
            'Bending is constrained to the horizontal axis. Under axial force it buckles in the plane between supports, sideways and twisting between restraints; sheathing of both flanges holds it all along.',
            'Points of restraint of both flanges, and supports, hold the section against twisting; sheeting at one flange restrains that flange only.',
            'Bearing at supports and under forces, two flanges loaded where these are closer than 1.5 d_1, not where a support is fixed; a bearing within 1.5 d_1 of the end is one at the end.',
            'Of lateral loads bending is weighed for a C without holes, in the weaker sense; shear of the flanges and deflection are not.',
            'Shear of a web without stiffeners, k_v = 5.34. No inelastic reserve, no strength from forming.',
            'Moments are amplified by 1/(1 − N/N_e), C_m = 1; not below 0.15 of the strength in compression (3.5.1).',
            'Deflection with the part of I that buckling leaves at the greatest service moment, for all of the member (7.1.4).',
        ];
    }
}
