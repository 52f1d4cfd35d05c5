<?php

declare(strict_types=1);

namespace App\HandOver\JobFile;

use Symfony\Component\PropertyInfo\Extractor\ReflectionExtractor;
use Symfony\Component\Serializer\NameConverter\CamelCaseToSnakeCaseNameConverter;
use Symfony\Component\Serializer\Normalizer\BackedEnumNormalizer;
use Symfony\Component\Serializer\Normalizer\DateTimeNormalizer;
use Symfony\Component\Serializer\Normalizer\PropertyNormalizer;
use Symfony\Component\Serializer\Serializer;

/** The details of an entry (call sheet, opening, pass …) as plain values with snake_case keys, and back. */
final readonly class DetailsMapper
{
    private const DATE = [DateTimeNormalizer::FORMAT_KEY => 'Y-m-d'];

    private Serializer $serializer;

    public function __construct()
    {
        $this->serializer = new Serializer([
            new BackedEnumNormalizer(),
            new DateTimeNormalizer(self::DATE),
            new PropertyNormalizer(null, new CamelCaseToSnakeCaseNameConverter(), new ReflectionExtractor()),
        ]);
    }

    /** @return array<string, mixed> */
    public function plain(object $details): array
    {
        /** @var array<string, mixed> $values */
        $values = $this->serializer->normalize($details, 'json');

        return $values;
    }

    /**
     * @template T of object
     *
     * @param array<mixed> $values already known to fit the schema
     * @param class-string<T> $class
     *
     * @return T
     */
    public function read(array $values, string $class): object
    {
        $details = $this->serializer->denormalize($values, $class, 'json');
        \assert($details instanceof $class);

        return $details;
    }
}
