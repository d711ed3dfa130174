<?php

declare(strict_types=1);

namespace Waage\Loading;

/**
 * The rules by which one standard combines actions (core/data/combinations; each file names its source).
 *
 * A rule has a factor for permanent load, or two of which each makes a combination; for equilibrium the two are of
 * load that destabilises and load that stabilises. Factors are sums of products of numbers, parameters of the job and
 * factors of a category. The variable actions of a rule are either `leading` and `accompanying` ones, each leading
 * once, or `terms`: the first has to be there, and of the kinds of action in one term one acts at a time. `also` and
 * `settlement` act in addition.
 *
 * @phpstan-type Rule array{purpose: string, clause: string, permanent: non-empty-list<string>, only?: string,
 *     settlement: string, leading?: string, accompanying?: string, with?: array<string, string>,
 *     terms?: list<array<string, string>>, also?: array<string, string>}
 */
final readonly class RuleSet
{
    /**
     * @param  string  $steel  the standard for steel whose resistances the factors go with; '': none that is built in
     * @param  array<string, string>  $others  the standards for other materials by these; '': none
     * @param  string  $method  LRFD (strengths times φ) or ASD (strengths over Ω), of ANSI/AISC 360
     * @param  string  $refusal  why nothing is weighed
     * @param  array<string, array<string, float>>  $factors  of the categories of imposed load, by name
     * @param  list<Rule>  $rules
     */
    private function __construct(
        public string $standard,
        public string $title,
        public string $steel,
        public array $others,
        public string $method,
        public string $refusal,
        public array $factors,
        public array $rules,
    ) {
    }

    public function isEn1993(): bool
    {
        return $this->steel === 'EN 1993';
    }

    public function isAisc360(): bool
    {
        return str_starts_with($this->steel, 'ANSI/AISC 360');
    }

    /** @param  string  $id  one of BasisReader::COMBINATIONS */
    public static function of(string $id): self
    {
        static $read = [];
        if (! isset($read[$id])) {
            $file = str_starts_with($id, '6.10') ? 'en-1990' : $id;
            /**
             * @var array{standard: string, title: string, steel?: string, concrete?: string, timber?: string,
             *     coldFormed?: string, method?: string, refusal?: string, factors?: array<string, array<string,
             *     float>>, rules: list<Rule>} $data
             */
            $data = json_decode(
                (string) file_get_contents(__DIR__."/../../data/combinations/{$file}.json"),
                true,
                8,
                JSON_THROW_ON_ERROR,
            );
            $read[$id] = new self(
                $data['standard'],
                $data['title'],
                $data['steel'] ?? '',
                [
                    'concrete' => $data['concrete'] ?? '',
                    'timber' => $data['timber'] ?? '',
                    'coldFormed' => $data['coldFormed'] ?? '',
                ],
                $data['method'] ?? '',
                $data['refusal'] ?? '',
                $data['factors'] ?? [],
                array_values(array_filter($data['rules'], fn (array $rule): bool => ($rule['only'] ?? $id) === $id)),
            );
        }

        return $read[$id];
    }
}
