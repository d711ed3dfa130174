<?php

declare(strict_types=1);

namespace Waage\Materials\Timber\CsaO86;

use Waage\Checks\Weighing;
use Waage\Checks\Working;
use Waage\Materials\Timber\Contact;
use Waage\Materials\Timber\Contacts;
use Waage\Materials\Timber\Grade;
use Waage\Materials\Timber\Heading;
use Waage\Materials\Timber\Report;
use Waage\Materials\Timber\TimberMake;
use Waage\Units\Kind;

/** CSA O86:19, 6.5.7: bearing across the grain at each support and point load by itself, and in a sill. */
final readonly class Bearing
{
    /** Table 6.5.7.6: K_B by the length of bearing, mm; between rows that of the next longer one. */
    private const LENGTH = [[12.5, 1.75], [25.0, 1.38], [38.0, 1.25], [50.0, 1.19], [75.0, 1.13], [100.0, 1.1]];

    /** 6.5.7.6: K_B only so far from the end, mm. */
    private const FROM_END = 75.0;

    public function __construct(private Contacts $contacts)
    {
    }

    /** @return list<Weighing> */
    public function weigh(TimberMake $timber, bool $derive): array
    {
        $sill = $timber->details->sill;
        $weighings = [];
        foreach ($this->contacts->across($timber) as $contact) {
            $weighings[] = $this->at($contact, $timber, $contact->length, $timber->b, $contact->fromEnd(), $derive);
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

        return $this->at($named, $timber->withGrade($sill), $timber->b, $across, $timber->details->sillBeyond, $derive);
    }

    private function at(
        Contact $contact,
        TimberMake $of,
        float $along,
        float $across,
        float $fromEnd,
        bool $derive,
    ): Weighing {
        $isSill = str_starts_with($contact->id, 'sill');
        $w = new Working($derive);
        $w->let('Q_f', $contact->at->value, Kind::Force);
        $w->let('L_b', $along, Kind::Size, '', 'along the grain');
        $w->let('b', $across, Kind::Size, '', 'across it');
        $w->line('A_b', 'b * L_b', Kind::Area);
        (new Values($of))->strength($w, $contact->at->group, 'F_cp', 'f_cp', $of->grade->values->across, 'cp');
        $isShort = $along < 150.0 && $fromEnd >= self::FROM_END;
        $w->let(
            'K_B',
            $isShort ? self::ofLength($along) : 1.0,
            Kind::Number,
            'Table 6.5.7.6',
            $fromEnd < self::FROM_END
                ? 'nearer than 75 mm to the end'
                : ($isShort
                    ? 'of the next longer row'
                    : '150 mm or longer'),
        );
        // Flat pieces bear more (6.5.7.5): 1.15 from twice as wide as deep on. The depth of a sill is not known.
        $ratio = $isSill ? 1.0 : $of->b / $of->h;
        $w->let(
            'K_Zcp',
            min(1.15, max(1.0, 1.0 + 0.15 * ($ratio - 1.0))),
            Kind::Number,
            '6.5.7.5',
            $isSill ? 'on the safe side' : 'width over depth',
        );
        $w->let('phi', 0.8, Kind::Number, '6.5.7.2');
        $w->line('Q_r', 'phi * F_cp * A_b * K_B * K_Zcp', Kind::Force, '6.5.7.2');
        $w->line('u', 'Q_f / Q_r', Kind::Number);

        return Report::of(
            new Heading(
                $contact->id,
                $contact->title,
                'CSA O86:19, 6.5.7.2',
                $isSill ? 'Bearing of the sill' : 'Bearing',
                Kind::Force,
            ),
            $w,
            $contact->at,
            'Q_f',
            'Q_r',
        );
    }

    public static function ofLength(float $length): float
    {
        foreach (self::LENGTH as [$l, $K]) {
            if ($length <= $l + 1e-6) {
                return $K;
            }
        }

        return 1.0;
    }
}
