<?php

declare(strict_types=1);

namespace Waage\Materials\Steel;

use Waage\Analysis\MemberEnvelopes;
use Waage\Loading\RuleSet;
use Waage\Material\CollapseQuestion;
use Waage\Material\Make;
use Waage\Material\Material;
use Waage\Material\Shape;
use Waage\Materials\Steel\En1993\CollapseCheck;
use Waage\Materials\Steel\Sections\Catalogue;
use Waage\Member\Fields;

final class Steel implements Material
{
    public function id(): string
    {
        return 'steel';
    }

    public function read(Fields $fields, array $document, Shape $shape, string $path): ?Make
    {
        return (new SteelReader($fields, $document, $path))->read($shape);
    }

    /** Those of steel stand among the basis's own. */
    public function parameters(): array
    {
        return [];
    }

    public function tools(): array
    {
        return [];
    }

    public function choices(): array
    {
        return ['grade' => array_column(SteelGrade::cases(), 'value'), 'family' => Catalogue::families()];
    }

    public function knows(string $section): bool
    {
        return Catalogue::find($section) !== null;
    }

    public function candidates(Make $make): iterable
    {
        $steel = SteelMake::from($make);
        foreach (Catalogue::ofFamilies($steel->families) as $section) {
            yield $steel->withSection($section);
        }
    }

    /**
     * After the standard that the job's combinations go with; after EN 1993 where they go with none, which then
     * refuses.
     */
    public function checks(MemberEnvelopes $envelopes): SteelMember
    {
        $rules = RuleSet::of($envelopes->beam->member->basis->combinations);

        return $rules->isAisc360() ? new Aisc360\SteelBeam($envelopes) : new En1993\SteelBeam($envelopes);
    }

    public function collapse(CollapseQuestion $question): array
    {
        return (new CollapseCheck($question))->toArray();
    }
}
