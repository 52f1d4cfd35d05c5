<?php

declare(strict_types=1);

namespace App\HandOver\JobFile;

use App\Support\Files\FileError;
use App\Support\Files\RefusedFile;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Errors\ValidationError;
use Opis\JsonSchema\Validator;

/** The published JSON Schema of the job file. */
final readonly class JobFileSchema
{
    private const MOST_ERRORS = 20;
    public const DEPTH = 64;

    public function __construct(private string $projectDir)
    {
    }

    /**
     * @return array<string, mixed> the document
     *
     * @throws RefusedFile when it is no JSON or does not fit the schema
     */
    public function check(string $json): array
    {
        $this->validate($json);
        /** @var array<string, mixed> $values */
        $values = json_decode($json, true, self::DEPTH, \JSON_THROW_ON_ERROR);

        return $values;
    }

    private function validate(string $json): void
    {
        try {
            $document = json_decode($json, false, self::DEPTH, \JSON_THROW_ON_ERROR);
        } catch (\JsonException) {
            throw new RefusedFile([new FileError('', 'job_file.bad_json')]);
        }
        $validator = new Validator(max_errors: self::MOST_ERRORS, stop_at_first_error: false);
        $result = $validator->validate($document, (string) file_get_contents($this->projectDir.'/public/schema/job.schema.json'));
        $error = $result->error();
        if (null !== $error) {
            $errors = [];
            foreach ((new ErrorFormatter())->formatFlat($error, self::inOurWords(...)) as $each) {
                if ($each instanceof FileError) {
                    $errors[$each->at.$each->code] = $each;
                }
            }
            throw new RefusedFile(array_values($errors) ?: [new FileError('', 'job_file.bad_json')]);
        }
    }

    /** None for a place that is only wrong because of what is wrong inside it. */
    private static function inOurWords(ValidationError $error): ?FileError
    {
        if ([] !== $error->subErrors()) {
            return null;
        }
        $path = implode('.', array_map(strval(...), $error->data()->fullPath()));
        $args = $error->args();

        return match ($error->keyword()) {
            'required' => new FileError(ltrim($path.'.'.self::listed($args['missing'] ?? []), '.'), 'missing'),
            'additionalProperties' => self::unknownKey($path, $error),
            'type' => new FileError($path, 'job_file.type', ['wanted' => self::listed($args['expected'] ?? [])]),
            'enum', 'const' => new FileError($path, 'job_file.value'),
            'minimum', 'maximum', 'exclusiveMinimum' => new FileError($path, 'out_of_range'),
            'pattern', 'format' => new FileError($path, 'job_file.form'),
            default => new FileError($path, 'job_file.value'),
        };
    }

    /** The validator names every key beside a wrong one; only those that the schema does not know are unknown. */
    private static function unknownKey(string $path, ValidationError $error): ?FileError
    {
        $schema = $error->schema()->info()->data();
        $known = \is_object($schema) && isset($schema->properties) && \is_object($schema->properties)
            ? array_keys(get_object_vars($schema->properties))
            : [];
        $given = $error->args()['properties'] ?? [];
        $unknown = array_diff(
            \is_array($given) ? array_map(static fn (mixed $name) => \is_scalar($name) ? (string) $name : '', $given) : [],
            $known,
        );

        return [] === $unknown ? null : new FileError(ltrim($path.'.'.implode(', ', $unknown), '.'), 'job_file.unknown_key');
    }

    private static function listed(mixed $names): string
    {
        return \is_array($names)
            ? implode(', ', array_map(static fn (mixed $name) => \is_scalar($name) ? (string) $name : '', $names))
            : (\is_string($names) ? $names : '');
    }
}
