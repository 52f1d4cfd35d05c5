<?php

declare(strict_types=1);

namespace App\Tests;

use App\Record\Job;
use App\Support\Database\Id;

/** Several people, several requests at once, and what is kept of what they do. */
final class TogetherTest extends ApplicationTestCase
{
    public function testTheSecondToSaveAFormIsToldWhatTheFirstWroteAndNothingIsLost(): void
    {
        $this->signIn();
        $address = '/jobs/'.$this->job('Boat')->id;
        $mine = $this->get($address)->selectButton('Save the call')->form();
        $theirs = $this->get($address)->selectButton('Save the call')->form();
        $this->browser->submit($theirs, ['call_form[notes]' => 'Key at the harbour office', 'call_form[contact]' => 'The harbour master']);
        self::assertResponseRedirects();

        $page = $this->browser->submit($mine, ['call_form[notes]' => 'Dog in the yard']);
        self::assertSame(422, $this->statusCode());
        self::assertStringContainsString('Somebody else has saved here meanwhile: Key at the harbour office', $page->text());
        self::assertStringContainsString('meanwhile: The harbour master', $page->text(), 'what was not touched here would be lost, too');
        self::assertSame('Dog in the yard', $page->filter('[name="call_form[notes]"]')->text());
        self::assertSame('Key at the harbour office', $this->job('Boat')->call()->notes);

        $this->browser->submit($page->selectButton('Save the call')->form(), ['call_form[contact]' => 'The harbour master']);
        self::assertResponseRedirects(null, null, 'sent once more, it is taken');
        $call = $this->job('Boat')->call();
        self::assertSame(['Dog in the yard', 'The harbour master'], [$call->notes, $call->contact]);
    }

    public function testWhoSavesWhatNobodyElseTouchedIsNotHeldUp(): void
    {
        $this->signIn();
        $address = '/jobs/'.$this->job('Boat')->id;
        $mine = $this->get($address)->selectButton('Save the call')->form();
        $this->send($address, ['call_form' => $mine->getPhpValues()['call_form']]);
        self::assertResponseRedirects();
        $this->browser->submit($mine, ['call_form[notes]' => 'Dog in the yard']);
        self::assertResponseRedirects();
    }

    public function testAKnownIdentifierOfAnotherJobIsNotTaken(): void
    {
        $this->signIn();
        $there = $this->job();
        $run = $this->lastRun($there);
        $finding = $run->job->id.'/look/runs/'.$run->id;
        $known = ['openings' => $there->openings()[0]->id, 'passes' => $there->passes()[0]->id, 'runs' => $run->id];
        $here = '/jobs/'.$this->job('Terraced')->id;
        $mine = $this->lastRun($this->job('Terraced'));
        $addresses = [
            $here.'/way-in/openings/'.$known['openings'], $here.'/clear/passes/'.$known['passes'], $here.'/look/runs/'.$known['runs'],
            $here.'/look/runs/'.$mine->id.'/findings/'.$this->findingOf($there), $here.'/clear/tests/'.Id::fresh().'x',
        ];
        foreach ($addresses as $address) {
            $this->send($address, ['kind' => 'crack', 'reading_from' => '1', 'facts' => ['crack_state' => 'closed']]);
            self::assertContains($this->statusCode(), [404, 422], $address);
        }
        self::assertStringContainsString($run->id, $finding);
        self::assertSame($there->id, $this->lastRun($this->job())->job->id);
    }

    public function testWhoExportedSharedAndWasRefusedStandsInALogOfItsOwn(): void
    {
        $log = self::log('audit.test.log');
        @unlink($log);
        $this->signIn();
        $job = $this->job();
        $this->get('/jobs/'.$job->id.'/job.json');
        $this->get('/jobs/'.$job->id.'/findings.csv');
        $this->send('/jobs/'.$job->id.'/hand-over/links/'.Id::fresh(), []);
        $link = (string) parse_url(
            (string) $this->get('/jobs/'.$job->id.'/hand-over')->filter('.share-address')->attr('href'),
            \PHP_URL_PATH,
        );
        $this->send('/settings/house', ['water' => 'grade']);
        self::assertSame(403, $this->statusCode());
        $this->browser->restart();
        $this->get($link);
        $this->browser->submit($this->get('/sign-in')->selectButton('Sign in')->form(), [
            'email' => 'who@else.example',
            'password' => 'a wrong guess',
        ]);
        $said = (string) file_get_contents($log);
        foreach (['exported', 'shared', 'link_opened', 'refused', 'sign_in_failed'] as $what) {
            self::assertStringContainsString('INFO: '.$what, $said);
        }
        self::assertStringContainsString('"who":"ana@tideway.example","from":"127.0.0.1"', $said);
        self::assertStringContainsString('who@else.example', $said);
        self::assertStringNotContainsString('a wrong guess', $said);
        self::assertStringNotContainsString(basename($link), $said, 'the key of a link is told to nobody');
    }

    public function testAPageThatIsNotThereMakesNoNoise(): void
    {
        $log = self::log('test.log');
        $before = is_file($log) ? filesize($log) : 0;
        $this->asInUse();
        $this->signIn();
        foreach (['/nowhere', '/jobs/'.Id::fresh(), '/r/nothing'] as $address) {
            $this->get($address);
            self::assertSame(404, $this->statusCode());
        }
        clearstatcache();
        self::assertSame($before, is_file($log) ? filesize($log) : 0);
    }

    private static function log(string $name): string
    {
        $folder = self::getContainer()->getParameter('kernel.logs_dir');

        return $folder.'/'.$name;
    }

    private function findingOf(Job $job): string
    {
        $id = $this->manager()->getConnection()->fetchOne('SELECT id FROM logged_finding WHERE run_id = ?', [$this->lastRun($job)->id]);
        self::assertIsString($id);

        return $id;
    }
}
