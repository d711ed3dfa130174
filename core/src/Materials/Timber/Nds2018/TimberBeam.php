<?php

declare(strict_types=1);

namespace Waage\Materials\Timber\Nds2018;

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

/** The checks of a member of timber after the NDS 2018, by allowable stresses or by load and resistance factors. */
final readonly class TimberBeam implements MemberChecks
{
    use FindsSize, PlainChecks {
        FindsSize::settle insteadof PlainChecks;
        FindsSize::notes insteadof PlainChecks;
    }

    private Method $method;

    private Bending $bending;

    private Shear $shear;

    private Axial $axial;

    private Bearing $bearing;

    private Deflection $deflection;

    private Unweighed $unweighed;

    public function __construct(private MemberEnvelopes $envelopes)
    {
        $this->method = Method::of($envelopes->beam->member->basis);
        $search = new Search($envelopes, new Durations($envelopes->beam, $envelopes->strength, $this->method));
        $lengths = new RestrainedLengths($envelopes->beam);
        $this->unweighed = new Unweighed('NDS 2018', 'timber');
        $this->bending = new Bending($search, $lengths, $this->method);
        $this->shear = new Shear($search, $this->method);
        $this->axial = new Axial($search, $lengths, $this->bending, $this->method);
        // C_D is not for bearing across the grain; λ is.
        $this->bearing = new Bearing(new Contacts($search, $this->method === Method::Lrfd), $this->method);
        $this->deflection = new Deflection($envelopes, $this->method);
    }

    public function standard(): string
    {
        return "NDS 2018, {$this->method->value}";
    }

    /** Stresses are printed in the units of the job: no formula depends on them but those whose note says so. */
    public function printedIn(UnitSystem $ofJob): UnitSystem
    {
        return $ofJob;
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
            'Not weighed: connections, fire (chapter 16), bearing under point loads without a contact length, vibration.',
            $this->method === Method::Asd
                ? 'The shortest load of each combination gives C_D. Each combination is also weighed without its shorter loads (2.3.2).'
                : 'The combination gives λ (Table N3). Wind counts where it leads.',
            'Temperature is ordinary, C_t = 1. The tables of the Supplement give C_F, C_M, C_i, C_fu and C_r.',
            'Shear: uniform loads within d of supports are left out where no point load acts there. At a notch the whole reaction counts (3.4.3).',
            'Compression across the grain without C_D, with C_b below 6 in. and at least 3 in. from the end (3.10.4).',
            'Columns: buckling in the plane between supports, sideways between restraints of both edges, with l_e/d up to 50.',
            'Deflection with the tabulated E, without more for shear, the permanent part times K_cr = 1.5, or 2.0 where wet (3.5.2).',
        ];
    }
}
