<?php

declare(strict_types=1);

namespace Waage\Materials\Timber;

use Waage\Loading\LoadDuration;
use Waage\Loading\RuleSet;
use Waage\Member\Basis;
use Waage\Member\Category;

/** The standard that timber is weighed by; it goes with the rules for combinations. */
enum Suite: string
{
    case En1995 = 'EN 1995-1-1';
    case Nds2018 = 'NDS 2018';
    case CsaO86 = 'CSA O86:19';
    case None = '';

    public static function of(Basis $basis): self
    {
        return self::from(RuleSet::of($basis->combinations)->others['timber']);
    }

    /** The file of its grades, and the end of the names of its choices. */
    public function key(): string
    {
        return match ($this) {
            self::Nds2018 => 'nds',
            self::CsaO86 => 'csa',
            default => 'en',
        };
    }

    /** Where the values of a grade stand. */
    public function tables(): string
    {
        return match ($this) {
            self::Nds2018 => 'NDS Supplement',
            self::CsaO86 => 'CSA O86:19',
            default => 'EN 338, EN 14080',
        };
    }

    /** For how long the loads of a category stay, where the load case does not say it. */
    public function duration(Category $category): LoadDuration
    {
        if ($this === self::En1995 || $this === self::None) {
            return LoadDuration::of($category);
        }
        $isCanadian = $this === self::CsaO86;

        // NDS 2018, Table 2.3.2; CSA O86:19, Table 5.3.2.2: long, standard and short term.
        return match (true) {
            $category === Category::Permanent, $category === Category::Settlement => LoadDuration::Permanent,
            $category === Category::Snow,
            $category === Category::Rain,
            $category === Category::Temperature => LoadDuration::Medium,
            $category === Category::H => $isCanadian ? LoadDuration::Medium : LoadDuration::Short,
            $category->isImposed() => $isCanadian ? LoadDuration::Medium : LoadDuration::Long,
            default => LoadDuration::Instantaneous,
        };
    }
}
