<?php

declare(strict_types=1);

namespace Waage\Materials\Timber\En1995;

use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Materials\Timber\Contact;
use Waage\Materials\Timber\Contacts;
use Waage\Materials\Timber\Grade;
use Waage\Materials\Timber\Heading;
use Waage\Materials\Timber\LoadGroup;
use Waage\Materials\Timber\Product;
use Waage\Materials\Timber\Report;
use Waage\Materials\Timber\TimberMake;
use Waage\Units\Kind;

/** EN 1995-1-1, 6.1.5: compression across the grain at each support and point load by itself, and in a sill. */
final readonly class Bearing
{
    /** Contact length that counts beyond the contact to either side, mm. */
    private const BEYOND = 30.0;

    /** 6.1.5(4): k_c,90 of glulam is for contacts up to this, mm. */
    private const LONGEST = 400.0;

    public function __construct(private Contacts $contacts)
    {
    }

    /** @return list<Weighing> */
    public function weigh(TimberMake $timber, Detail $detail): array
    {
        $sill = $timber->details->sill;
        $weighings = [];
        foreach ($this->contacts->across($timber) as $contact) {
            $weighings[] = $this->at($contact, $timber, $detail);
            if ($contact->isSupport() && $sill !== null) {
                $weighings[] = $this->sill($contact, $timber, $sill, $timber->b, $contact->length, $detail);
            }
        }
        foreach ($sill === null ? [] : $this->contacts->feet($timber) as $foot) {
            /** @var Grade $sill */
            $weighings[] = $this->sill($foot, $timber, $sill, $timber->b, $timber->h, $detail);
        }

        return $weighings;
    }

    private function at(Contact $contact, TimberMake $timber, Detail $detail): Weighing
    {
        $grade = $timber->grade;
        $w = $detail->working();
        $w->let('F_c_90_d', $contact->at->value, Kind::Force);
        $w->let('b', $timber->b, Kind::Size);
        $w->let('l', $contact->length, Kind::Size, '', 'contact length along the grain');
        $w->let(
            'a_1',
            min(self::BEYOND, $contact->before, $contact->length, $contact->clear / 2),
            Kind::Size,
            '6.1.5(1)',
            'counts beyond it on the left',
        );
        $w->let(
            'a_2',
            min(self::BEYOND, $contact->behind, $contact->length, $contact->clear / 2),
            Kind::Size,
            '6.1.5(1)',
            'and on the right',
        );
        $w->line('A_ef', 'b * (l + a_1 + a_2)', Kind::Area, '6.1.5(1)');
        $w->line('sigma_c_90_d', 'F_c_90_d / A_ef', Kind::Stress, '6.1.5(1) (6.4)');
        $isApart = $contact->clear >= 2 * $timber->h;
        [$k, $why] = match (true) {
            ! $grade->softwood || $grade->product === Product::Lvl => [1.0, 'hardwood or LVL'],
            ! $isApart => [1.0, 'the next contact is nearer than 2 h'],
            $grade->product === Product::Glulam && $contact->length <= self::LONGEST => [
                1.75,
                'glulam, contacts at least 2 h apart',
            ],
            $grade->product === Product::Glulam => [1.0, 'contact longer than 400 mm'],
            default => [1.5, 'softwood, contacts at least 2 h apart'],
        };
        $w->let('k_c_90', $k, Kind::Number, '6.1.5(4)', $why);
        Strength::of($w, $timber, $contact->at->group, 'f_c_90_d', $grade->values->across);
        $w->line('u', 'sigma_c_90_d / (k_c_90 * f_c_90_d)', Kind::Number, '6.1.5(1) (6.3)');

        return Report::of(
            new Heading($contact->id, $contact->title, 'EN 1995-1-1, 6.1.5', 'Bearing'),
            $w,
            $contact->at,
            'sigma_c_90_d',
            'k_c_90 * f_c_90_d',
        );
    }

    /** The piece below: the contact is b wide along its grain, and l across it. */
    private function sill(
        Contact $contact,
        TimberMake $timber,
        Grade $sill,
        float $along,
        float $across,
        Detail $detail,
    ): Weighing {
        $w = $detail->working();
        $w->let('F_c_90_d', $contact->at->value, Kind::Force);
        $w->let('b', $along, Kind::Size, '', 'contact along the grain of the sill');
        $w->let('l', $across, Kind::Size, '', 'across it');
        $beyond = min(self::BEYOND, $timber->details->sillBeyond, $along, $this->apart($timber, $along) / 2);
        $w->let('a', $beyond, Kind::Size, '6.1.5(1)', 'counts beyond it to either side');
        $w->line('A_ef', '(b + 2 * a) * l', Kind::Area, '6.1.5(1)');
        $w->line('sigma_c_90_d', 'F_c_90_d / A_ef', Kind::Stress, '6.1.5(1) (6.4)');
        [$k, $why] = match (true) {
            ! $sill->softwood => [1.0, 'hardwood'],
            $this->apart($timber, $along) < 2 * $timber->h => [1.0, 'the next contact is nearer than 2 h'],
            $sill->product === Product::Glulam => [1.5, 'glulam on a continuous support'],
            default => [1.25, 'softwood on a continuous support'],
        };
        $w->let('k_c_90', $k, Kind::Number, '6.1.5(3)', $why);
        $of = new LoadGroup(
            $contact->at->group->factor,
            $contact->at->group->why,
            $contact->at->group->clause,
            $contact->at->group->combinations,
        );
        Strength::of($w, $timber->withGrade($sill), $of, 'f_c_90_d', $sill->values->across);
        $w->line('u', 'sigma_c_90_d / (k_c_90 * f_c_90_d)', Kind::Number, '6.1.5(1) (6.3)');

        return Report::of(
            new Heading(
                "sill-{$contact->number}",
                "Bearing of the sill at support {$contact->number}",
                'EN 1995-1-1, 6.1.5',
                'Bearing of the sill',
            ),
            $w,
            $contact->at,
            'sigma_c_90_d',
            'k_c_90 * f_c_90_d',
        );
    }

    /** Clear distance along the sill to the next member of the row. */
    private function apart(TimberMake $timber, float $along): float
    {
        return $timber->row->spacing > 0.0 ? $timber->row->spacing - $along : INF;
    }
}
