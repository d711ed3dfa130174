<?php

declare(strict_types=1);

namespace Waage\Materials\Timber;

use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Material\Make;
use Waage\Member\FieldError;
use Waage\Member\InvalidMember;

/** The weighings of a timber beam in parts, by which sizes are found that are left open: the lightest that hold. */
trait FindsSize
{
    /**
     * The weighings, part by part, those first that decide most often.
     *
     * @return iterable<list<Weighing>>
     */
    abstract protected function parts(TimberMake $timber, Detail $detail): iterable;

    public function weigh(Make $make, Detail $detail): array
    {
        $weighings = [];
        foreach ($this->parts(TimberMake::from($make), $detail) as $part) {
            array_push($weighings, ...$part);
        }

        return $weighings;
    }

    /** @throws InvalidMember where other sizes would attract other forces */
    public function settle(Make $make): Make
    {
        $timber = TimberMake::from($make);
        if (! $timber->isOpen()) {
            return $make;
        }
        if ($this->envelopes->beam->dependsOnStiffness()) {
            $which = $timber->open->depth ? 'depth' : 'width';
            throw new InvalidMember([
                new FieldError(
                    "timber.{$which}",
                    'A size is found where forces do not depend on it. With springs, settlements, shear deformation or temperature type it.',
                ),
            ]);
        }

        return (new SizeSearch($timber, $this->isFit(...)))->found();
    }

    /** @return list<string> */
    public function notes(): array
    {
        $timber = TimberMake::from($this->envelopes->beam->member->make);
        $span = LongestSpan::text($this->envelopes->beam, $timber, $this->weigh($timber, Detail::Verdict));

        return array_values(array_filter([$timber->open->said, $span]));
    }

    private function isFit(TimberMake $timber): bool
    {
        $remarks = $this->envelopes->beam->member->remarks;
        foreach ($this->parts($timber, Detail::Verdict) as $part) {
            foreach ($part as $weighing) {
                if (! $weighing->holds() && ! ($remarks[$weighing->id]->leftOut ?? false)) {
                    return false;
                }
            }
        }

        return true;
    }
}
