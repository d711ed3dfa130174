<?php

declare(strict_types=1);

namespace Waage\Material;

/** The answer where a material has no plastic collapse (core/schema/collapse.schema.json). */
final class NoCollapse
{
    /** @return array<string, mixed> */
    public static function because(string $reason): array
    {
        return [
            'reason' => $reason,
            'combination' => '',
            'arrangement' => '',
            'factor' => null,
            'plasticMoment' => 0.0,
            'hinges' => [],
            'moment' => [],
            'shape' => [],
            'internal' => 0.0,
            'external' => 0.0,
            'lines' => [],
            'notes' => [],
        ];
    }
}
