<?php

declare(strict_types=1);

namespace App\Services;

use App\Enums\MemberState;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Support\Facades\Cache;
use Throwable;
use Waage\Design\Design;
use Waage\Member\InvalidMember;
use Waage\Member\Load;
use Waage\Member\MemberReader;

/**
 * What the list of members shows: the verdict, and the outline for a small drawing. What the bench has just asked for
 * is not weighed again when it is saved.
 */
final class Weighed
{
    /** A save follows an edit within seconds. */
    private const SECONDS = 60;

    /** @return array<string, mixed> of a member whose weighing has not come to an end */
    public static function pending(): array
    {
        return [
            'state' => MemberState::Incomplete->value,
            'reason' => 'Weighing this member did not come to an end: it takes more time or memory than one member may. It is kept as it was typed.',
        ];
    }

    /**
     * Keeps what was weighed for the save of the same document that may follow.
     *
     * @param  array<array-key, mixed>  $document  with its basis
     */
    public function remember(array $document, Design $design): void
    {
        $this->store()->put($this->key($document), $this->shows($design), self::SECONDS);
    }

    /**
     * @param  array<array-key, mixed>  $document  with its basis
     * @return array<string, mixed>|null null: it was not weighed lately
     */
    public function known(array $document): ?array
    {
        /** @var array<string, mixed>|null $known */
        $known = $this->store()->get($this->key($document));

        return $known;
    }

    /**
     * @param  array<array-key, mixed>  $document  with its basis
     * @return array<string, mixed> whatever the weighing comes to: a document is never refused for it
     */
    public function summary(array $document): array
    {
        try {
            return $this->known($document) ??
                $this->shows(Design::brief(MemberReader::member($document)));
        } catch (InvalidMember $e) {
            return ['state' => MemberState::Incomplete->value, 'reason' => $e->getMessage()];
        } catch (Throwable $e) {
            report($e);

            return [
                'state' => MemberState::Incomplete->value,
                'reason' => 'This member could not be weighed: a fault of Waage, which is written down. It is kept as it was typed.',
            ];
        }
    }

    /** @return array<string, mixed> */
    private function shows(Design $design): array
    {
        $verdict = $design->verdict();
        $member = $design->member;

        return [
            'state' => $verdict->state->value,
            'section' => mb_substr($member->make->name(), 0, 60),
            'ratio' => $verdict->ratio,
            'governs' => $verdict->governs(),
            'reason' => $verdict->reason,
            'length' => $member->length,
            ...array_filter(['pieces' => $design->pieces()]),
            'supports' => array_map(fn ($s): array => ['x' => $s->x, 'fixed' => $s->holdsTurning()], $member->supports),
            'loads' => array_values(
                array_map(
                    fn (Load $l): array => ['from' => $l->from, 'to' => $l->to, 'kind' => $l->kind->value],
                    array_filter($member->loads, fn (Load $l): bool => $l->on && ! $l->kind->isDisplacement()),
                ),
            ),
        ];
    }

    private function store(): Repository
    {
        $name = config('cache.verdicts');

        return Cache::store(is_string($name) ? $name : null);
    }

    /** @param  array<array-key, mixed>  $document */
    private function key(array $document): string
    {
        $basis = $document['basis'] ?? [];
        unset($document['basis']);
        $document['version'] = MemberReader::VERSION;

        return 'verdict '.hash('xxh128', json_encode([$document, $basis], JSON_PARTIAL_OUTPUT_ON_ERROR) ?: '');
    }
}
