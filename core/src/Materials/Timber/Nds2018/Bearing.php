<?php

declare(strict_types=1);

namespace Waage\Materials\Timber\Nds2018;

use Waage\Checks\Weighing;
use Waage\Checks\Working;
use Waage\Materials\Timber\Contact;
use Waage\Materials\Timber\Contacts;
use Waage\Materials\Timber\Grade;
use Waage\Materials\Timber\Heading;
use Waage\Materials\Timber\Report;
use Waage\Materials\Timber\TimberMake;
use Waage\Units\Kind;

/** NDS 2018, 3.10: bearing across the grain at each support and point load by itself, and in a sill. */
final readonly class Bearing
{
    private const INCH = 25.4;

    public function __construct(private Contacts $contacts, private Method $method)
    {
    }

    /** @return list<Weighing> */
    public function weigh(TimberMake $timber, bool $derive): array
    {
        $sill = $timber->details->sill;
        $weighings = [];
        foreach ($this->contacts->across($timber) as $contact) {
            $weighings[] = $this->at(
                $contact,
                $timber,
                $timber,
                $contact->length,
                $timber->b,
                $contact->fromEnd(),
                $derive,
            );
            if ($contact->isSupport() && $sill !== null) {
                $weighings[] = $this->sill($contact, $timber, $sill, $contact->length, $derive);
            }
        }
        foreach ($sill === null ? [] : $this->contacts->feet($timber) as $foot) {
            /** @var Grade $sill */
            $weighings[] = $this->sill($foot, $timber, $sill, $timber->h, $derive);
        }

        return $weighings;
    }

    /** Of the sill: as wide along its grain as the member is. */
    private function sill(Contact $contact, TimberMake $timber, Grade $sill, float $across, bool $derive): Weighing
    {
        $named = new Contact(
            "sill-{$contact->number}",
            "Bearing of the sill at support {$contact->number}",
            $contact->at,
            $timber->b,
            0.0,
            0.0,
            INF,
            $contact->number,
        );

        return $this->at(
            $named,
            $timber,
            $timber->withGrade($sill),
            $timber->b,
            $across,
            $timber->details->sillBeyond,
            $derive,
        );
    }

    private function at(
        Contact $contact,
        TimberMake $timber,
        TimberMake $of,
        float $along,
        float $across,
        float $fromEnd,
        bool $derive,
    ): Weighing {
        $w = new Working($derive);
        $w->let('R', $contact->at->value, Kind::Force);
        $w->let('l_b', $along, Kind::Size, '', 'along the grain');
        $w->let('b', $across, Kind::Size, '', 'across it');
        $w->line('f_c_perp', 'R / (l_b * b)', Kind::Stress, '3.10.2');
        (new Values($of, $this->method))->adjusted(
            $w,
            $contact->at->group,
            'F_c_perp_adj',
            'F_c_perp',
            $of->grade->values->across,
            'cp',
        );
        $isShort = $along < 6 * self::INCH && $fromEnd >= 3 * self::INCH;
        if ($isShort) {
            $w->let('l_more', 0.375 * self::INCH, Kind::Size, '3.10.4', '0.375 in.');
        }
        $isShort
            ? $w->line('C_b', '(l_b + l_more) / l_b', Kind::Number, '3.10.4 (3.10-2)')
            : $w->let(
                'C_b',
                1.0,
                Kind::Number,
                '3.10.4',
                $fromEnd < 3 * self::INCH ? 'nearer than 3 in. to the end' : 'not shorter than 6 in.',
            );
        $w->line('u', 'f_c_perp / (C_b * F_c_perp_adj)', Kind::Number, '3.10.2');

        return Report::of(
            new Heading(
                $contact->id,
                $contact->title,
                'NDS 2018, 3.10.2',
                str_starts_with($contact->id, 'sill') ? 'Bearing of the sill' : 'Bearing',
            ),
            $w,
            $contact->at,
            'f_c_perp',
            'C_b * F_c_perp_adj',
        );
    }
}
