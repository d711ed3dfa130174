<?php

declare(strict_types=1);

namespace Waage\Materials\Timber;

use Waage\Analysis\MemberEnvelopes;
use Waage\Material\CollapseQuestion;
use Waage\Material\Make;
use Waage\Material\Material;
use Waage\Material\MemberChecks;
use Waage\Material\NoCollapse;
use Waage\Material\Parameter;
use Waage\Material\Shape;
use Waage\Materials\Timber\CsaO86\TimberBeam as CanadianBeam;
use Waage\Materials\Timber\En1995\TimberBeam as EuropeanBeam;
use Waage\Materials\Timber\Nds2018\TimberBeam as AmericanBeam;
use Waage\Materials\Timber\Tools\TimberTools;
use Waage\Member\Fields;

/** Timber: sawn, glued and laminated, rectangles of one piece or of plies. */
final class Timber implements Material
{
    public function id(): string
    {
        return 'timber';
    }

    public function read(Fields $fields, array $block, Shape $shape, string $path): ?Make
    {
        return (new TimberReader($fields, $block, $path))->read($shape);
    }

    public function parameters(): array
    {
        return [
            new Parameter('gammaM', 'gamma_M', 1.3, 1.0, 2.0, 'EN 1995-1-1, Table 2.3, solid timber'),
            new Parameter('gammaMGlulam', 'gamma_M_glulam', 1.25, 1.0, 2.0, 'EN 1995-1-1, Table 2.3, glulam'),
            new Parameter('gammaMLvl', 'gamma_M_LVL', 1.2, 1.0, 2.0, 'EN 1995-1-1, Table 2.3, LVL'),
            new Parameter('kCr', 'k_cr', 0.67, 0.3, 1.0, 'EN 1995-1-1, 6.1.7(2), sawn and glulam'),
        ];
    }

    public function tools(): array
    {
        return TimberTools::all();
    }

    public function choices(): array
    {
        $sides = array_map(fn (array $of): string => $of[0], FireExposure::SIDES);

        return [
            'grade' => Grade::names(Suite::En1995),
            'grade asce' => Grade::names(Suite::Nds2018),
            'grade nbc' => Grade::names(Suite::CsaO86),
            'serviceClass' => array_column(ServiceClass::cases(), 'value'),
            'fireSides' => array_values($sides),
        ];
    }

    public function knows(string $section): bool
    {
        return false;
    }

    public function candidates(Make $make): iterable
    {
        $timber = TimberMake::from($make);
        if ($timber->taper !== null) {
            yield $timber;

            return;
        }
        foreach (Sizes::of($timber) as [$b, $h]) {
            yield $timber->withSize($b, $h);
        }
    }

    public function checks(MemberEnvelopes $envelopes): MemberChecks
    {
        return match (Suite::of($envelopes->beam->member->basis)) {
            Suite::En1995 => new EuropeanBeam($envelopes),
            Suite::Nds2018 => new AmericanBeam($envelopes),
            Suite::CsaO86 => new CanadianBeam($envelopes),
            Suite::None => new NoStandard(),
        };
    }

    public function collapse(CollapseQuestion $question): array
    {
        return NoCollapse::because('Timber has no plastic hinges: it breaks before it turns.');
    }
}
