<?php

declare(strict_types=1);

namespace Waage\Materials\Timber\En1995;

use Waage\Analysis\MemberEnvelopes;
use Waage\Analysis\RestrainedLengths;
use Waage\Checks\Detail;
use Waage\Material\MemberChecks;
use Waage\Material\PlainChecks;
use Waage\Material\Unweighed;
use Waage\Materials\Timber\Contacts;
use Waage\Materials\Timber\FindsSize;
use Waage\Materials\Timber\Search;
use Waage\Materials\Timber\TimberMake;
use Waage\Units\UnitSystem;

/** The checks of a member of timber after EN 1995-1-1:2004+A1+A2, in fire after EN 1995-1-2. */
final readonly class TimberBeam implements MemberChecks
{
    use FindsSize, PlainChecks {
        FindsSize::settle insteadof PlainChecks;
        FindsSize::notes insteadof PlainChecks;
    }

    private Bending $bending;

    private Shear $shear;

    private TaperedBeam $tapered;

    private Axial $axial;

    private Bearing $bearing;

    private Notches $notches;

    private Deflection $deflection;

    private Vibration $vibration;

    private Fire $fire;

    private Unweighed $unweighed;

    public function __construct(private MemberEnvelopes $envelopes)
    {
        $search = new Search($envelopes, new Durations($envelopes->beam, $envelopes->strength));
        $lengths = new RestrainedLengths($envelopes->beam);
        $this->unweighed = new Unweighed('EN 1995-1-1', 'timber');
        $this->bending = new Bending($search, $lengths);
        $this->shear = new Shear($search);
        $this->tapered = new TaperedBeam($search, $lengths);
        $this->axial = new Axial($search, $lengths, $this->bending);
        $this->bearing = new Bearing(new Contacts($search));
        $this->notches = new Notches($search);
        $this->deflection = new Deflection($envelopes);
        $this->vibration = new Vibration($envelopes->beam);
        $this->fire = new Fire($envelopes);
    }

    /** What is drawn is without creep. */
    public function limitsDeflection(): string
    {
        return 'deflection-variable';
    }

    /** Strengths in MPa and lengths in mm stand in its formulas. */
    public function printedIn(UnitSystem $ofJob): UnitSystem
    {
        return UnitSystem::Metric;
    }

    public function factors(): array
    {
        $timber = TimberMake::from($this->envelopes->beam->member->make);

        return ['gamma_M' => Strength::gammaM($timber)];
    }

    public function standard(): string
    {
        return 'EN 1995-1-1:2004+A1+A2';
    }

    protected function parts(TimberMake $timber, Detail $detail): iterable
    {
        if ($this->envelopes->strength !== [] && $timber->taper === null) {
            yield $this->bending->weigh($timber, $detail);
            yield $this->shear->weigh($timber, $detail);
            yield $this->axial->weigh($timber, $detail);
        } elseif ($this->envelopes->strength !== []) {
            yield $this->tapered->weigh($timber, $detail);
            yield $this->unweighed->beyondBending($this->envelopes, $timber->weight());
        }
        yield $this->deflection->weigh($timber, $detail);
        if ($this->envelopes->strength !== []) {
            yield $this->bearing->weigh($timber, $detail);
            yield $this->notches->weigh($timber, $detail);
            yield $this->fire->weigh($timber, $detail);
        }
        yield $this->vibration->weigh($timber, $detail);
        yield $timber->taper === null ? $this->unweighed->torsion($this->envelopes) : [];
    }

    public function assumptions(): array
    {
        $timber = TimberMake::from($this->envelopes->beam->member->make);

        return [
            'Not weighed: connections, bearing under point loads without a contact length'.
            ($timber->asked->floor === null ? ', vibration by 7.3' : '').
            ($timber->asked->fire === null ? ', fire' : '').
            '.',
            'The shortest action of each combination gives k_mod. Each combination is also weighed without its shorter actions (3.1.3(2)).',
            'Durations as Table 2.2 has them, snow and wind as short-term, where the load case does not say otherwise.',
            'Strength in bending has k_h, in shear k_cr. Where loads are shared it has k_sys, but not across the grain.',
            'Lateral buckling: lengths between restraints of the compressed edge, l_ef by Table 6.1 with 2 h more for loads on it (6.3.3(3)).',
            'Under axial force the member buckles in the plane between supports, sideways between restraints of both edges.',
            'Shear is not reduced near supports (6.1.7(3)).',
            'Bearing: 30 mm more to either side at most, k_c,90 above 1 where contacts are 2 h apart (6.1.5).',
            'Final deflection by 2.2.3(5): permanent load (1 + k_def) times, variable load with ψ_2 k_def more.',
            'Deflection of shear is counted only where the member says so.',
        ];
    }
}
