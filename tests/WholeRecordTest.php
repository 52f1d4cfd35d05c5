<?php

declare(strict_types=1);

namespace App\Tests;

use App\HandOver\JobFile\JobFileWriter;
use App\Record\CallSheet;
use App\Record\ClearingDetails;
use App\Record\FlowTestDetails;
use App\Record\JobEntry;
use App\Record\MarkDetails;
use App\Record\OpeningDetails;
use App\Record\OutsidePipeDetails;
use App\Record\OwnOpinion;
use App\Record\PassDetails;
use App\Record\Photo;
use App\Record\ReadingBatch;
use App\Record\RunDetails;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Serializer\NameConverter\CamelCaseToSnakeCaseNameConverter;

/** The job file holds everything: each mapped field of a job's record is in it, or is named here with the reason why not. */
final class WholeRecordTest extends ApplicationTestCase
{
    /** Field of the record, and where the file has it under another name. */
    private const OTHER_NAMES = [
        'Job.property' => 'line_map, and the place in call', 'Job.firm' => 'done_by', 'Job.openings' => 'openings',
        'Job.passes' => 'passes',
        'Job.flowTests' => 'flow_tests', 'Job.stuckTools' => 'stuck_tools', 'Job.runs' => 'runs', 'Job.seenPlaces' => 'seen',
        'Job.testsMade' => 'made_tests', 'Job.dangersSaid' => 'dangers', 'Job.gateLines' => 'gates', 'Job.checks' => 'checks',
        'SeenPlace.answer' => 'seen',
        'TestMade.answer' => 'seen', 'Photo.jpeg' => 'photo',
    ];
    /** Left out, and why. */
    private const LEFT_OUT = [
        'Job.assignee' => 'the board points to an account of the firm, which no file holds; whoever looked is said by name',
        'job' => 'the file is of one job', 'run' => 'an entry stands inside its run', 'Photo.findingId' => 'stands inside its finding',
        'OwnOpinion.findingId' => 'stands inside its finding', 'Photo.width' => 'the picture says it',
        'Photo.height' => 'the picture says it',
        'Pass.standIn' => 'how a stand-in machine stands is no record', 'ReadingBatch.count' => 'the lines say it',
        'Run.firmId' => 'the firm that takes a file in is its own',
        'Run.deepestM' => 'worked out of the readings', 'Run.videoType' => 'the recording is a file of its own',
        'SeenPlace.id' => 'nothing points to it', 'TestMade.id' => 'nothing points to it', 'DangerSaid.id' => 'nothing points to it',
        'GateLine.id' => 'nothing points to it', 'PreUseCheck.id' => 'nothing points to it',
        'SeenPlace.withdrawnAt' => 'the corrections say it',
        'TestMade.withdrawnAt' => 'the corrections say it', 'GateLine.withdrawnAt' => 'the corrections say it',
    ];

    /** @return array<string, array{string}> */
    public static function entities(): array
    {
        $names = [];
        foreach (glob(\dirname(__DIR__).'/src/Record/*.php') ?: [] as $file) {
            $class = 'App\\Record\\'.basename($file, '.php');
            if (is_subclass_of($class, JobEntry::class)
                || \in_array($class, [Photo::class, OwnOpinion::class, ReadingBatch::class], true)
            ) {
                $names[basename($file, '.php')] = [$class];
            }
        }

        return $names;
    }

    /** @param class-string $class */
    #[DataProvider('entities')]
    public function testEveryMappedFieldIsExportedOrNamedAsLeftOut(string $class): void
    {
        $keys = $this->keysOfTheSchema();
        $metadata = $this->manager()->getClassMetadata($class);
        $short = $metadata->getReflectionClass()->getShortName();
        $names = new CamelCaseToSnakeCaseNameConverter();
        foreach ([...$metadata->getFieldNames(), ...$metadata->getAssociationNames()] as $field) {
            $parts = explode('.', $field);
            $name = end($parts);
            $isKnown = isset($keys[$names->normalize($name)]) || isset(self::OTHER_NAMES[$short.'.'.$field])
                || isset(self::LEFT_OUT[$short.'.'.$field]) || isset(self::LEFT_OUT[$field]);
            self::assertTrue($isKnown, $short.'.'.$field.' is neither in the job file nor named as left out.');
        }
    }

    public function testWhatIsWrittenHasAllKeysOfTheSchema(): void
    {
        $seen = [];
        foreach (['Pottery', 'Animal', 'Terraced', 'Boat', 'Cannery'] as $place) {
            $file = self::getContainer()->get(JobFileWriter::class)->write($this->job($place));
            $document = (array) json_decode((string) stream_get_contents($file), true, 64, \JSON_THROW_ON_ERROR);
            array_walk_recursive($document, static function (mixed $value, int|string $key) use (&$seen): void {
                $seen[$key] = true;
            });
        }
        foreach ([
            CallSheet::class, OpeningDetails::class, PassDetails::class, RunDetails::class, MarkDetails::class,
            FlowTestDetails::class, ClearingDetails::class, OutsidePipeDetails::class,
        ] as $details) {
            foreach ((new \ReflectionClass($details))->getProperties() as $property) {
                $key = (new CamelCaseToSnakeCaseNameConverter())->normalize($property->getName());
                self::assertTrue(isset($seen[$key]) || 'array' === (string) $property->getType(), $details.': '.$key);
            }
        }
    }

    /** @return array<string, true> every key that the schema knows, at whatever place */
    private function keysOfTheSchema(): array
    {
        $keys = [];
        $walk = static function (mixed $node) use (&$walk, &$keys): void {
            if (!\is_array($node)) {
                return;
            }
            foreach (\is_array($node['properties'] ?? null) ? array_keys($node['properties']) : [] as $key) {
                $keys[(string) $key] = true;
            }
            array_map($walk, $node);
        };
        $walk(json_decode((string) file_get_contents(\dirname(__DIR__).'/public/schema/job.schema.json'), true, 64, \JSON_THROW_ON_ERROR));

        return $keys;
    }
}
