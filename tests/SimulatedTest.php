<?php

declare(strict_types=1);

namespace App\Tests;

use App\Record\Job;
use App\Support\Database\Id;
use PHPUnit\Framework\Attributes\Group;

/** What is simulated belongs to practice and to the demo, and says so wherever it is. */
#[Group('any-database')]
final class SimulatedTest extends ApplicationTestCase
{
    private const LINES = "0.0,0.00,0.1\n0.2,0.05,0.1\n0.4,0.10,0.1";

    public function testARealJobOffersNoneAndTakesNone(): void
    {
        $this->signIn();
        $run = $this->lastRun($this->job());
        $this->inARealFirm($run->job);
        $address = '/jobs/'.$run->job->id.'/look';
        self::assertStringNotContainsString('Simulated reel', $this->get($address)->text());
        self::assertStringContainsString('Reel on a serial port', $this->get($address)->text());
        $this->get($address.'/runs/'.$run->id.'/reel.json');
        self::assertResponseStatusCodeSame(404);
        $this->browser->request('POST', $address.'/runs/'.$run->id.'/readings/'.Id::fresh().'?simulated=1', server: [
            'HTTP_X_CSRF_TOKEN' => $this->token(),
        ], content: self::LINES);
        self::assertResponseStatusCodeSame(404);
        self::assertStringNotContainsString('stand-in', strtolower($this->get('/jobs/'.$run->job->id.'/clear/run')->text()));
    }

    public function testEveryScreenAndTheReportSayThatReadingsAreSimulated(): void
    {
        $this->signIn();
        $job = '/jobs/'.$this->job()->id;
        foreach (['/way-in', '/clear', '/look', '/mark', '/judge', '/hand-over'] as $stage) {
            self::assertStringContainsString('simulated readings', $this->get($job.$stage)->filter('#ribbon')->text(), $stage);
        }
        self::assertStringContainsString('Its readings are simulated: no reel was in a pipe.', $this->get($job.'/report')->text());
        // Taken in elsewhere, they still are.
        $this->get($job.'/job.json');
        self::assertStringContainsString('"simulated":true', str_replace(' ', '', $this->page()));
    }

    private function inARealFirm(Job $job): void
    {
        $this->manager()->getConnection()->executeStatement('UPDATE firm SET demo = FALSE WHERE id = ?', [$job->firm->id]);
        $this->manager()->clear();
    }
}
