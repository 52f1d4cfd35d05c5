<?php

declare(strict_types=1);

namespace App\Tests;

/** The recording of a run is never lost to another one. */
final class RecordingTest extends ApplicationTestCase
{
    /** The first bytes of a small WebM file, as a browser's recorder writes them. */
    private const WEBM =
        "\x1a\x45\xdf\xa3\x9f\x42\x86\x81\x01\x42\xf7\x81\x01\x42\xf2\x81\x04"
        ."\x42\xf3\x81\x08\x42\x82\x84webm\x42\x87\x81\x04\x42\x85\x81\x02";
    private const FOLDER = '/var/data/recordings/';

    private string $run = '';

    protected function tearDown(): void
    {
        array_map(unlink(...), glob(\dirname(__DIR__).self::FOLDER.$this->run.'*') ?: []);
        parent::tearDown();
    }

    public function testWhatIsRefusedLeavesTheOneBeforeAndWhatIsTakenKeepsItBeside(): void
    {
        $this->signIn();
        $run = $this->lastRun($this->job('Terraced'));
        $this->run = $run->id;
        $address = '/jobs/'.$run->job->id.'/look/runs/'.$run->id.'/recording';
        $this->send($address, [], ['recording' => $this->upload(self::WEBM.'first', 'first.webm')]);
        self::assertResponseRedirects();
        foreach (['no film at all', '', '<?php echo 1;'] as $rubbish) {
            $this->send($address, [], ['recording' => $this->upload($rubbish, 'second.webm')]);
            self::assertSame(422, $this->statusCode());
            self::assertStringContainsString('no recording that can be kept', $this->page());
        }
        self::assertSame([self::WEBM.'first'], $this->kept());
        self::assertSame('first.webm', $this->lastRun($this->job('Terraced'))->videoName());

        $this->send($address, [], ['recording' => $this->upload(self::WEBM.'third', 'third.webm')]);
        self::assertResponseRedirects();
        self::assertSame('third.webm', $this->lastRun($this->job('Terraced'))->videoName());
        self::assertEqualsCanonicalizing([self::WEBM.'first', self::WEBM.'third'], $this->kept());
        self::assertSame(self::WEBM.'third', file_get_contents(\dirname(__DIR__).self::FOLDER.$this->run));
    }

    /** @return list<string|false> */
    private function kept(): array
    {
        return array_map(file_get_contents(...), glob(\dirname(__DIR__).self::FOLDER.$this->run.'*') ?: []);
    }
}
