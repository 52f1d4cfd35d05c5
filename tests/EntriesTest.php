<?php

declare(strict_types=1);

namespace App\Tests;

use App\Record\Correction;
use App\Record\FindingRepository;
use App\Record\LoggedFinding;
use App\Record\Photo;
use App\Record\PictureReader;
use App\Support\Database\Id;
use PHPUnit\Framework\Attributes\DataProvider;

/** Logging findings as the Look bench does. */
final class EntriesTest extends ApplicationTestCase
{
    public function testTheSameEntrySentTwiceIsStoredOnce(): void
    {
        $this->signIn();
        $run = $this->lastRun($this->job());
        $before = \count($this->findings()->record($run)->findings);
        $address = $this->findingAddress($run);
        $fields = ['kind' => 'root_cords', 'reading_from' => '12.5', 'size' => '20'];
        self::assertSame($this->send($address, $fields), $this->send($address, ['size' => '90'] + $fields));
        self::assertSame(201, $this->statusCode());
        self::assertCount($before + 1, $this->findings()->record($run)->findings);
    }

    public function testAPlaceIsTheCountersReadingTimesItsFactorAndTheClockIsPutUpright(): void
    {
        $this->signIn();
        $run = $this->lastRun($this->job());
        $details = clone $run->details();
        $details->counterFactor = 1.02;
        $run->describe($details);
        $this->manager()->flush();
        $id = Id::fresh();
        $this->send($this->findingAddress($run, $id), [
            'kind' => 'low_spot', 'reading_from' => '10', 'reading_deepest' => '11', 'reading_to' => '12',
            'size' => '31', 'facts' => ['water' => 'off', 'minutes_off' => '4,5'], 'clock_from' => '8',
            'clock_to' => '9:30', 'invert_on_screen' => '11',
        ]);
        $logged = $this->manager()->find(LoggedFinding::class, $id);
        self::assertNotNull($logged);
        self::assertEqualsWithDelta(
            [10.2, 11.22, 12.24, 10.0, 3.0, 4.5],
            [$logged->fromM, $logged->deepestM, $logged->toM, $logged->readingM, $logged->clockFrom, $logged->clockTo],
            1e-9,
        );
        self::assertSame([4.5, 11.0], [$logged->facts['minutes_off'], $logged->invertOnScreen]);
    }

    public function testAPersonWhoThinksInFeetTypesFeetAndInches(): void
    {
        $this->signIn(self::OTHER_FIRM);
        $run = $this->lastRun($this->job('Sail'));
        $id = Id::fresh();
        $this->send($this->findingAddress($run, $id), ['kind' => 'separated_joint', 'reading_from' => "14' 6\"", 'size' => '1.5']);
        $logged = $this->manager()->find(LoggedFinding::class, $id);
        self::assertEqualsWithDelta([4.4196, 38.1], [$logged?->fromM, $logged?->size], 1e-9);
    }

    public function testADepthMayBeMoreOrLessThanItCouldBeToldAndEitherEndMayComeFirst(): void
    {
        $this->signIn(self::OTHER_FIRM);
        $typings = ['at least 2 in' => 'lens_under', '> 2' => 'lens_under', '2 in or less' => 'or_less', '≤2"' => 'or_less', '2' => ''];
        foreach ($typings as $typed => $fact) {
            $run = $this->lastRun($this->job('Sail'));
            $id = Id::fresh();
            $this->send($this->findingAddress($run, $id), [
                'kind' => 'low_spot', 'reading_from' => "40'", 'reading_to' => "33'", 'reading_deepest' => "35'", 'size' => (string) $typed,
            ]);
            $logged = $this->manager()->find(LoggedFinding::class, $id);
            self::assertNotNull($logged, (string) $typed);
            self::assertEqualsWithDelta([33 * 0.3048, 40 * 0.3048, 50.8], [$logged->fromM, $logged->toM, $logged->size], 1e-9);
            self::assertSame(['lens_under' => 'lens_under' === $fact, 'or_less' => 'or_less' === $fact], [
                'lens_under' => isset($logged->facts['lens_under']), 'or_less' => isset($logged->facts['or_less']),
            ], (string) $typed);
        }
    }

    public function testAWaterReadingKnowsFromTheRunWhetherWaterWasRunningAndHowLongItWasOff(): void
    {
        $this->signIn();
        $run = $this->lastRun($this->job());
        foreach ([[true, '-5 minutes', ['water' => 'on']], [
            false,
            '-5 minutes',
            ['water' => 'off', 'minutes_off' => 5.0],
        ]] as [$on, $when, $facts]) {
            $run = $this->lastRun($this->job());
            $run->turnWater($on, new \DateTimeImmutable($when));
            $this->manager()->flush();
            $id = Id::fresh();
            $this->send($this->findingAddress($run, $id), [
                'kind' => 'low_spot',
                'reading_from' => '10',
                'reading_to' => '12',
                'size' => '20',
            ]);
            self::assertSame($facts, $this->manager()->find(LoggedFinding::class, $id)?->facts);
        }
    }

    public function testUndoTakesBackTheLastEntryAndRestoresWhatItCorrected(): void
    {
        $this->signIn();
        $run = $this->lastRun($this->job());
        [$first, $correction] = [Id::fresh(), Id::fresh()];
        $this->send(
            $this->findingAddress($run, $first),
            ['kind' => 'crack', 'from' => '3', 'facts' => ['crack_state' => 'open']],
            ['photo' => $this->upload($this->jpeg())],
        );
        $this->send($this->findingAddress($run, $correction), [
            'kind' => 'crack',
            'from' => '3.1',
            'facts' => ['crack_state' => 'closed'],
            'replaces' => $first,
        ]);
        $ids = fn () => array_map(static fn ($finding) => $finding->id, $this->findings()->record($run)->findings);
        self::assertContains($correction, $ids());
        self::assertNotContains($first, $ids());
        self::assertNotNull($this->manager()->find(Photo::class, $correction), 'the picture goes with the correction');
        $undo = '/jobs/'.$run->job->id.'/look/runs/'.$run->id.'/undo';
        $this->send($undo, []);
        self::assertContains($first, $ids());
        $this->send($undo, []);
        self::assertSame([], array_intersect([$first, $correction], $ids()));
        self::assertNotNull($this->manager()->find(LoggedFinding::class, $first), 'nothing is deleted from the record');
    }

    /** @return list<array{array<string, mixed>, string, string}> */
    public static function badEntries(): array
    {
        return [
            [['reading_from' => 'far'], 'reading_from', 'cannot be read'],
            [['reading_from' => '14 6'], 'reading_from', 'cannot be read'],
            [['reading_from' => ''], 'from', 'missing'],
            [['kind' => 'gremlin'], 'kind', 'not known'],
            [['size' => '120'], 'size', 'more than can be'],
            [['size' => '9 mm'], 'size', 'does not belong'],
            [['clock_from' => '14'], 'clock_from', 'clock position'],
            [['kind' => 'low_spot', 'reading_to' => '15', 'reading_deepest' => '18'], 'deepest', 'between start and end'],
            [['kind' => 'low_spot', 'reading_to' => '9', 'reading_deepest' => '2'], 'deepest', 'between start and end'],
            [['kind' => 'worn_invert', 'facts' => ['wear' => 'a bit']], 'wear', 'not known'],
            [['kind' => 'low_spot', 'reading_to' => '9', 'facts' => ['minutes_off' => 'some']], 'minutes_off', 'must be a number'],
        ];
    }

    /** @param array<string, mixed> $change */
    #[DataProvider('badEntries')]
    public function testABadEntryIsRefusedInWordsAtItsFieldAndNothingIsStored(array $change, string $field, string $words): void
    {
        $this->signIn();
        $run = $this->lastRun($this->job());
        $address = $this->findingAddress($run);
        $before = $this->findings()->count([]);
        $answer = $this->send($address, $change + ['kind' => 'root_cords', 'reading_from' => '5', 'size' => '20']);
        self::assertSame(422, $this->statusCode());
        self::assertIsArray($answer['errors']);
        self::assertStringContainsString($words, (string) json_encode($answer['errors'][$field] ?? $answer['errors']));
        self::assertSame($before, $this->findings()->count([]));
    }

    public function testWithoutScriptsThePlainFormKeepsWhatWasTyped(): void
    {
        $this->signIn();
        $run = $this->lastRun($this->job());
        $page = $this->get($this->findingAddress($run).'?kind=root_cords');
        $refused = $this->fill($page, 'Save', ['from' => 'far', 'note' => 'by the gate']);
        self::assertSame(422, $this->statusCode());
        self::assertSame('far', $refused->filter('#p-from')->attr('value'));
        self::assertSame('by the gate', $refused->filter('#p-note')->text());
        $this->fill($refused, 'Save', ['from' => '7.25', 'size' => '12']);
        self::assertResponseRedirects();
        self::assertStringContainsString('7.25', $this->browser->followRedirect()->filter('#findings')->text());
    }

    public function testAPictureIsMadeAnewSmallAndWithoutItsPlace(): void
    {
        $this->signIn();
        $run = $this->lastRun($this->job());
        $id = Id::fresh();
        $jpeg = $this->jpeg(2400, 1200);
        $place = "\xff\xe1".pack('n', 20)."Exif\0\0GPS-SECRET\0\0";
        $this->send($this->findingAddress($run, $id), ['kind' => 'crack', 'reading_from' => '2'], [
            'photo' => $this->upload(substr($jpeg, 0, 2).$place.substr($jpeg, 2)),
        ]);
        self::assertSame(201, $this->statusCode());
        $this->get($this->findingAddress($run, $id).'/photo');
        self::assertResponseHeaderSame('Content-Type', 'image/jpeg');
        self::assertStringNotContainsString('GPS-SECRET', $this->page());
        self::assertSame([1600, 800], \array_slice(getimagesizefromstring($this->page()) ?: [], 0, 2));
    }

    /** @return list<array{string, string}> */
    public static function badPictures(): array
    {
        $png = (string) base64_decode(self::PIXEL, true);

        return [
            ['plain text', 'must be a JPEG or a PNG'],
            ['GIF89a'.str_repeat("\0", 40), 'must be a JPEG or a PNG'],
            [substr($png, 0, 40), 'cannot be read'],
            [str_repeat('x', PictureReader::MOST_BYTES + 1), 'over 12 MB'],
            // A header that claims 60 000 × 60 000 pixels.
            [substr($png, 0, 16).pack('NN', 60000, 60000).substr($png, 24), 'over 24 million pixels'],
        ];
    }

    #[DataProvider('badPictures')]
    public function testABadPictureIsRefusedWithItsReasonAndSoIsItsEntry(string $bytes, string $words): void
    {
        $this->signIn();
        $run = $this->lastRun($this->job());
        $id = Id::fresh();
        $answer = $this->send(
            $this->findingAddress($run, $id),
            ['kind' => 'crack', 'reading_from' => '2'],
            ['photo' => $this->upload($bytes)],
        );
        self::assertSame(422, $this->statusCode());
        self::assertStringContainsString($words, (string) json_encode($answer));
        self::assertNull($this->manager()->find(LoggedFinding::class, $id));
    }

    public function testWhatAnEntrySaidBeforeIsKept(): void
    {
        $this->signIn();
        $job = $this->job();
        $this->fill($this->get('/jobs/'.$job->id), 'Save the call', ['call_form[customer]' => 'Ilse Varga-Lund']);
        $kept = $this->manager()->getRepository(Correction::class)->findOneBy(['jobId' => $job->id], ['id' => 'DESC']);
        self::assertSame([['call.customer' => ['Ilse Varga', 'Ilse Varga-Lund']], 'Ana Terek'], [$kept?->changes, $kept?->by]);
    }

    private function findings(): FindingRepository
    {
        return self::getContainer()->get(FindingRepository::class);
    }
}
