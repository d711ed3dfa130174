<?php

declare(strict_types=1);

namespace App\Services;

use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Errors\ValidationError;
use Opis\JsonSchema\Validator;
use Waage\Member\FieldError;
use Waage\Member\InvalidMember;

/** Holds the basis of a job against the schema of the file format, so that nothing else is kept under its name. */
final class BasisSchema
{
    private const ID = 'https://waage.invalid/member.json';

    /** Objects that may be empty, which JSON's reader in PHP tells from a list by nothing. */
    private const OBJECTS = ['parameters', 'deflection', 'psi', 'concrete', 'timber'];

    /**
     * @param  array<array-key, mixed>  $basis
     *
     * @throws InvalidMember with paths that start with "basis."
     */
    public static function assert(array $basis): void
    {
        $validator = new Validator();
        $schema = (string) file_get_contents(base_path('core/schema/member.schema.json'));
        $validator->resolver()?->registerRaw($schema, self::ID);
        $data = json_decode((string) json_encode(self::withObjects($basis) ?: new \stdClass()));
        $error = $validator->validate($data, self::ID.'#/$defs/basis')->error();
        if ($error === null) {
            return;
        }
        $errors = (new ErrorFormatter())->formatFlat(
            $error,
            fn (ValidationError $e): FieldError => new FieldError(
                'basis'.implode('', array_map(fn (int|string $key): string => ".{$key}", $e->data()->fullPath())),
                self::words($e),
            ),
        );
        $list = array_values($errors);
        throw new InvalidMember($list === [] ? [new FieldError('basis', 'This is not as a basis has it.')] : $list);
    }

    private static function words(ValidationError $e): string
    {
        $given = $e->args();

        return match ($e->keyword()) {
            'additionalProperties' => '“'.
                implode('”, “', array_map(strval(...), (array) ($given['properties'] ?? []))).
                '” is not part of a basis.',
            'enum' => 'This is none of the choices.',
            'type' => 'This must be of another kind: '.implode(' or ', (array) ($given['expected'] ?? '')).'.',
            'maxItems', 'maxLength' => 'This is too long.',
            default => 'This is not as a basis has it.',
        };
    }

    /**
     * @param  array<array-key, mixed>  $in
     * @return array<array-key, mixed>
     */
    private static function withObjects(array $in): array
    {
        foreach ($in as $key => $value) {
            if (is_array($value)) {
                $in[$key] =
                    $value === [] && in_array($key, self::OBJECTS, true) ? new \stdClass() : self::withObjects($value);
            }
        }

        return $in;
    }
}
