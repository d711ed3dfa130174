<?php

declare(strict_types=1);

namespace Waage\Materials\Timber\CsaO86;

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

/** The checks of a member of timber after CSA O86:19. */
final readonly class TimberBeam implements MemberChecks
{
    use FindsSize, PlainChecks {
        FindsSize::settle insteadof PlainChecks;
        FindsSize::notes insteadof PlainChecks;
    }

    private Bending $bending;

    private Shear $shear;

    private Axial $axial;

    private Bearing $bearing;

    private Deflection $deflection;

    private Unweighed $unweighed;

    public function __construct(private MemberEnvelopes $envelopes)
    {
        $search = new Search($envelopes, new Durations($envelopes->beam, $envelopes->strength));
        $lengths = new RestrainedLengths($envelopes->beam);
        $this->unweighed = new Unweighed('CSA O86:19', 'timber');
        $this->bending = new Bending($search, $lengths);
        $this->shear = new Shear($search);
        $this->axial = new Axial($search, $lengths, $this->bending);
        $this->bearing = new Bearing(new Contacts($search));
        $this->deflection = new Deflection($envelopes);
    }

    /** Strengths in MPa and lengths in mm stand in its formulas. */
    public function printedIn(UnitSystem $ofJob): UnitSystem
    {
        return UnitSystem::Metric;
    }

    public function standard(): string
    {
        return 'CSA O86:19';
    }

    protected function parts(TimberMake $timber, Detail $detail): iterable
    {
        if ($this->envelopes->strength !== []) {
            yield $this->bending->weigh($timber, $detail);
            yield $this->shear->weigh($timber, $detail);
            yield $this->axial->weigh($timber, $detail);
        }
        yield $this->deflection->weigh($timber, $detail);
        if ($this->envelopes->strength !== []) {
            yield $this->bearing->weigh($timber, $detail);
        }
        yield $this->unweighed->torsion($this->envelopes);
    }

    public function assumptions(): array
    {
        return [
            'Not weighed: connections, fire (Annex B), bearing under point loads without a contact length, vibration, Q′_r of loads near supports (6.5.7.3).',
            'Each combination has a K_D from the sums of the specified loads on the member (5.3.2).',
            'Lateral stability: sawn timber up to d/b of 4 and glulam up to 2.5 are held at their ends only (6.5.4.2, 7.5.6.3.1), otherwise K_L by 7.5.6.4.',
            'Shear at d from supports where no point load acts within d. At a notch the whole reaction counts.',
            'Columns: buckling in the plane between supports, sideways between restraints of both edges, with C_C up to 50.',
            'Deflection with the tabulated E, without more for shear and without creep. Permanent load alone is limited to L/360 (5.4.3).',
        ];
    }
}
