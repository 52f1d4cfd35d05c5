<?php

declare(strict_types=1);

namespace App\Tests;

use App\Record\Property;
use App\Support\Database\Id;
use Jurvex\Core\Site\FixedThing;
use Symfony\Component\DomCrawler\Crawler;

/** The plan of a site, kept with the property; marks as files; the locator that is not there. */
final class SiteTest extends ApplicationTestCase
{
    public function testWhatStaysIsDrawnOnceKeptWithThePropertyAndTakenOffOnlyWhereNothingIsTapedFromIt(): void
    {
        $this->signIn();
        $job = $this->job('Boat');
        $site = '/jobs/'.$job->id.'/mark/site';
        $draw = fn (string $name, string $right, string $up) => $this->browser->submit(
            $this->get($site)->selectButton('Add')->form([
                'thing_form[kind]' => 'post', 'thing_form[name]' => $name, 'thing_form[right]' => $right, 'thing_form[up]' => $up,
            ]),
        );
        $draw('Crane foot', '0', '0');
        $draw('Bollard', '6.5', '-2');
        self::assertStringContainsString('+6.5 m right, −2.0 m up', $this->get($site)->filter('.entries')->text());
        $refused = $draw(' crane foot ', '1', '1');
        self::assertSame(422, $this->statusCode());
        self::assertStringContainsString('Something else on the plan has this name.', $refused->filter('.field-bad')->text());
        self::assertSame('crane foot', $refused->filter('#thing_form_name')->attr('value'), 'nothing typed is lost');
        $refused = $draw('', 'over there', '1');
        self::assertSame(422, $this->statusCode());
        self::assertCount(2, $refused->filter('.field-bad'));
        // Of the property, whatever job draws it.
        $property = $this->manager()->find(Property::class, $job->property()->id);
        self::assertNotNull($property);
        $names = array_map(static fn (FixedThing $thing) => $thing->name, $property->sitePlan()->things);
        self::assertSame(['Crane foot', 'Bollard'], $names);

        $this->send('/jobs/'.$job->id.'/mark/'.Id::fresh(), ['mark_form' => [
            'atM' => '4', 'depthsM' => ['1', '1', '1'], 'paint' => 'cross', 'tieOneTo' => 'crane foot', 'tieOneM' => '4',
            'tieTwoTo' => 'Bollard', 'tieTwoM' => '4', 'tieSide' => 'left',
        ]]);
        $mark = $this->get('/jobs/'.$job->id.'/mark')->filter('.mark')->text();
        self::assertStringContainsString('on the site plan within', $mark);
        self::assertStringContainsString('nobody said whether water or metal is over the head', $mark);
        self::assertStringContainsString('ground not said', $mark);
        $this->get($site);
        $id = $property->sitePlan()->things[1]->id;
        $this->send($site.'/'.$id.'/remove', []);
        self::assertSame(422, $this->statusCode());
        self::assertStringContainsString('Marks are taped from it.', $this->page());
    }

    public function testMarksAreGivenOutWithTheirPlaceOnTheEarth(): void
    {
        $this->signIn();
        $job = $this->job();
        $features = $this->features($job->id);
        self::assertSame(['Point', 'Point', 'Point', 'LineString', 'Polygon'], array_column(array_column($features, 'geometry'), 'type'));
        /** @var array{properties: array<string, mixed>, geometry: array{coordinates: array{float, float}}} $first */
        $first = $features[0];
        self::assertSame(['A', 9.4, 1.28, true, true], array_map(
            static fn (string $key) => $first['properties'][$key], ['name', 'along_m', 'depth_m', 'good_enough_to_dig', 'agrees'],
        ));
        self::assertSame(['what' => 'dig', 'name' => '1'], $features[4]['properties'], 'the low spot is dug in the cheapest mix');
        // A few metres from the origin of the made-up site.
        self::assertEqualsWithDelta(44.512, $first['geometry']['coordinates'][1], 0.0003);
        self::assertEqualsWithDelta(-28.251, $first['geometry']['coordinates'][0], 0.0003);
        $csv = explode("\n", trim($this->file('/jobs/'.$job->id.'/mark/ties.csv')));
        self::assertStringContainsString('mark,along_m,from_opening,way,depth_m,spread_m,taped_from,taped_m', $csv[0]);
        self::assertCount(1 + 9, $csv, 'three ties of each of three marks');
        $svg = $this->file('/jobs/'.$job->id.'/mark/site-plan.svg');
        self::assertNotFalse(simplexml_load_string($svg));
        self::assertStringContainsString('Gate post', $svg);
        self::assertStringContainsString('A: 9.4 m down from Yard cleanout', $svg);

        $lies = '/jobs/'.$job->id.'/mark/site';
        $form = $this->get($lies)->filter('form[name="lies_form"]')->form(['lies_form[longitude]' => '']);
        self::assertStringContainsString('go together', $this->browser->submit($form)->filter('.field-bad')->text());
        $form = $this->get($lies)->filter('form[name="lies_form"]')->form(['lies_form[longitude]' => '', 'lies_form[latitude]' => '']);
        $this->browser->submit($form);
        $this->browser->request('GET', '/jobs/'.$job->id.'/mark/marks.geojson');
        self::assertSame(404, $this->statusCode(), 'without a place on the earth there is none');
    }

    public function testHeightsInAnyOrderTellTheFallAndACrest(): void
    {
        $this->signIn();
        $job = $this->job();
        $ground = $this->get('/jobs/'.$job->id.'/mark/ground');
        self::assertStringContainsString('Between them the ground stands 0.14 m higher (Crest).', $ground->filter('#numbers')->text());
        self::assertStringContainsString('Crest +0.14 m', $ground->filter('.site-plan')->text());
        $address = '/jobs/'.$job->id.'/mark/ground/'.Id::fresh();
        $height = ['fromPoint' => 'b', 'toPoint' => ' A ', 'upM' => '-0.2', 'how' => 'sloped_tape'];
        $this->send($address, ['height_form' => $height]);
        $this->send($address, ['height_form' => $height]);
        $page = $this->get('/jobs/'.$job->id.'/mark/ground');
        self::assertCount(4, $page->filter('.entries li'), 'sent twice it is stored once');
        self::assertStringContainsString('The ground heights contradict each other by', $page->filter('#numbers')->text());
        $this->send('/jobs/'.$job->id.'/mark/ground/'.Id::fresh(), ['height_form' => ['toPoint' => 'a', 'fromPoint' => 'A'] + $height]);
        self::assertStringContainsString('Two different points.', $this->page());
        $this->send('/jobs/'.$job->id.'/mark/'.Id::fresh(), [
            'mark_form' => ['atM' => '3', 'depthsM' => ['1'], 'paint' => 'cross', 'letter' => 'A'],
        ]);
        $letters = $this->get('/jobs/'.$job->id.'/mark')->filter('.mark-letter')->each(static fn (Crawler $each) => $each->text());
        self::assertSame(['A2', 'A', 'B', 'C'], $letters, 'painted twice, it is told apart');
    }

    public function testTheLocatorThatIsNotThereReadsOnlyWhereEverythingIsMadeUp(): void
    {
        $this->signIn();
        $job = $this->job();
        $read = fn (string $query) => $this->file('/jobs/'.$job->id.'/mark/locator?'.$query);
        $depth = static function (int $turn) use ($read): float {
            /** @var array{depth: string, steady: bool, said: string} $reading */
            $reading = json_decode($read('at=9.4&turn='.$turn), true, 8, \JSON_THROW_ON_ERROR);
            self::assertMatchesRegularExpression('/^\d+(\.\d+)? m$/', $reading['depth']);

            return (float) $reading['depth'];
        };
        // Each job hides its own metal, which draws a single reading far off: the middle of many is what was located.
        $depths = array_map($depth, range(1, 31));
        sort($depths);
        self::assertEqualsWithDelta(1.28, $depths[15], 0.4, 'it agrees with what was located');
        self::assertSame($read('at=9.4&turn=1'), $read('at=9.4&turn=1'));
        $many = array_map(static fn (int $turn) => $read('at=9.4&turn='.$turn), range(1, 12));
        self::assertGreaterThan(1, \count(array_unique($many)), 'readings spread');
        self::assertStringContainsString('First say where', $read('at=&turn=1'));
        self::assertSame(422, $this->statusCode());
        self::assertCount(1, $this->get('/jobs/'.$job->id.'/mark')->filter('.locator'));
        $this->manager()->getConnection()->executeStatement('UPDATE firm SET demo = FALSE');
        $this->manager()->clear();
        $read('at=9.4&turn=1');
        self::assertSame(404, $this->statusCode());
        self::assertCount(0, $this->get('/jobs/'.$job->id.'/mark')->filter('.locator'));
    }

    /** @return list<array<string, mixed>> */
    private function features(string $job): array
    {
        /** @var array{type: string, features: list<array<string, mixed>>} $all */
        $all = json_decode($this->file('/jobs/'.$job.'/mark/marks.geojson'), true, 16, \JSON_THROW_ON_ERROR);
        self::assertSame('FeatureCollection', $all['type']);

        return $all['features'];
    }

    private function file(string $address): string
    {
        $this->browser->request('GET', $address);

        return (string) $this->browser->getInternalResponse()->getContent();
    }
}
