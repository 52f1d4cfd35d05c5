<?php

declare(strict_types=1);

namespace App\Tests;

use App\Record\Job;
use App\Support\Database\Id;

/** Pictures of the place, of its openings and of a mark that is new. */
final class PicturesTest extends ApplicationTestCase
{
    public function testAPictureStandsByItsOpeningInTheReportAndForWhoeverHasTheLink(): void
    {
        $this->signIn();
        $job = $this->job();
        $opening = $job->openings()[0];
        $address = '/jobs/'.$job->id.'/pictures/'.$id = Id::fresh();
        $this->get('/jobs/'.$job->id.'/way-in/openings');
        foreach ([1, 2] as $time) {
            $picture = $this->upload($this->jpeg(1200, 900));
            $this->send($address, ['opening' => $opening->id, 'note' => 'Lid is cracked'], ['photo' => $picture]);
            self::assertResponseRedirects('/jobs/'.$job->id, 303, 'stored once, time '.$time);
        }
        $shown = $this->get('/jobs/'.$job->id.'/way-in/openings')->filter('.pictures li');
        self::assertCount(1, $shown);
        self::assertStringContainsString($opening->details()->place.' Lid is cracked', $shown->text());
        $this->get($address);
        self::assertResponseHeaderSame('Content-Type', 'image/jpeg');
        [$width] = (array) getimagesizefromstring($this->page());
        $this->get($address.'?small');
        self::assertSame([1200, 480], [$width, ((array) getimagesizefromstring($this->page()))[0]], 'taken along in small');

        $hand = '/jobs/'.$job->id.'/hand-over';
        $this->send($hand.'/links/'.Id::fresh(), []);
        $link = (string) parse_url((string) $this->get($hand)->filter('.share-address')->attr('href'), \PHP_URL_PATH);
        $this->browser->getCookieJar()->clear();
        $this->get((string) $this->get($link)->filter('.report-pictures img')->attr('src'));
        self::assertResponseHeaderSame('Content-Type', 'image/jpeg');
        $this->signIn(self::OTHER_FIRM);
        $this->get($address);
        self::assertSame(404, $this->statusCode());

        $this->signIn();
        $this->send($address.'/withdraw', []);
        self::assertCount(0, $this->get('/jobs/'.$job->id.'/report')->filter('.report-pictures'));
    }

    public function testWhatIsNoPictureIsRefusedInWordsAndAMarkKeepsItsOwnAtOnce(): void
    {
        $this->signIn();
        $job = $this->job();
        $this->get('/jobs/'.$job->id);
        $this->send('/jobs/'.$job->id.'/pictures/'.Id::fresh(), [], ['photo' => $this->upload('no picture')]);
        self::assertStringContainsString('must be a JPEG', $this->get('/jobs/'.$job->id)->filter('.pictures .error')->text());
        self::assertStringContainsString('Choose a picture', $this->refused($job));
        $this->get('/jobs/'.$job->id.'/mark');
        $this->send('/jobs/'.$job->id.'/mark/'.$mark = Id::fresh(), [
            'mark_form' => ['atM' => '4', 'depthsM' => ['1.2', '1.2', '1.2'], 'paint' => 'cross'],
        ], ['photo' => $this->upload($this->jpeg())]);
        $this->get('/jobs/'.$job->id.'/mark/'.$mark.'/photo');
        self::assertResponseHeaderSame('Content-Type', 'image/jpeg');
    }

    private function refused(Job $job): string
    {
        $this->send('/jobs/'.$job->id.'/pictures/'.Id::fresh(), []);

        return $this->get('/jobs/'.$job->id)->filter('.pictures .error')->text();
    }
}
