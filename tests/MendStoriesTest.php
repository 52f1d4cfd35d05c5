<?php

declare(strict_types=1);

namespace App\Tests;

use App\Support\Database\Id;
use PHPUnit\Framework\Attributes\Group;
use Symfony\Component\DomCrawler\Crawler;

/** Lines that must be mended, taken in as job files: what marks, options, dig sheet and report say of them must be true and agree. */
#[Group('any-database')]
final class MendStoriesTest extends ApplicationTestCase
{
    private const WET = ['water' => 'off', 'minutes_off' => 15, 'deposit_in_it' => 'none'];

    public function testOfTwoLowSpotsTheMarksOfOneDoNotLineUp(): void
    {
        $low = static fn (float $from, float $to) => [
            'kind' => 'low_spot', 'from_m' => $from, 'to_m' => $to, 'size' => 40.0, 'unit' => 'mm', 'facts' => self::WET,
        ];
        $clump = ['kind' => 'root_clump', 'from_m' => 27.0, 'size' => 80.0, 'unit' => 'percent', 'at_joint' => true];
        $story = (new StoryBuilder('Two dips, Story Row'))->opening('Yard', ['size_mm' => 110.0])
            ->stands('Gate post', 0.0, 4.0)->stands('Tree', 12.0, 6.0, 'tree')->stands('Lamp', 26.0, 5.0)
            ->look('Yard', [$low(6.0, 9.0), $low(18.0, 21.0), $clump], 30.0);
        // Straight along the wall; what was taped for C lies a metre and a half off.
        foreach (['A' => [6.0, 0.0], 'B' => [9.0, 0.0], 'C' => [18.0, -1.5], 'D' => [21.0, 0.0]] as $letter => $place) {
            $depth = 'D' === $letter ? 1.4 : 1.3;
            $at = ['A' => 6.0, 'B' => 9.0, 'C' => 18.0, 'D' => 21.0][$letter];
            $story->mark(['letter' => $letter, 'at_m' => $at, 'depths_m' => [$depth, $depth + 0.01, $depth]], $place);
        }
        $story->height('A', 'B', 0.0)->height('C', 'B', 0.2)->height('C', 'D', 0.0);
        $said = $this->told($story);
        self::assertStringContainsString('Mark C (18.0 m down from Yard) is the odd one of A, B, C, D', $said['mark']);
        self::assertStringContainsString('A to B: 3.0 m along the pipe, 3.0 m on the ground.', $said['mark']);
        self::assertStringContainsString('C to D: 3.0 m along the pipe, 3.35 m on the ground.', $said['mark']);
        self::assertStringContainsString(
            'Both are equally deep under level ground, so the pipe has no fall there: that explains the low spot at 6.0–9.0 m.',
            $said['mark'],
        );
        self::assertStringNotContainsString('explains the low spot at 18.0', $said['mark'], 'it falls 100 mm there');
        self::assertStringContainsString('does not fit the marks beside it; locate it again', $said['report']);
        self::assertStringContainsString('No liner: it keeps the sag.', $said['judge']);
        self::assertStringContainsString('Dig 5.6–9.4 m: 3.8 m long', $said['options']);
        self::assertStringContainsString('Dig 17.6–21.4 m: 3.8 m long', $said['options']);
        self::assertStringContainsString('root clump 27.0 m (needs work before the line is used)', $said['options']);
        self::assertStringContainsString('Spot digs', $said['report']);
        self::assertStringContainsString('Dig 1', $said['dig']);
        self::assertStringContainsString('Dig 2', $said['dig']);
        self::assertStringContainsString('Near end, worked out from the plan', $said['dig']);
    }

    public function testAFailedJointUnderADriveIsSupportedAndPricedByItsDepth(): void
    {
        $seal = [
            'kind' => 'failed_seal', 'from_m' => 12.0, 'size' => null, 'unit' => null, 'at_joint' => true,
            'facts' => ['soil_seen' => 'yes'],
        ];
        $story = (new StoryBuilder('Drive, Story Row'))->opening('Yard', ['size_mm' => 110.0])->look('Yard', [$seal], 20.0)
            ->mark(['at_m' => 12.0, 'depths_m' => [1.88, 1.9, 1.92], 'ground' => 'drive']);
        $said = $this->told($story);
        self::assertStringContainsString('Dig 11.3–12.7 m: 1.4 m long, pipe up to 1.9 m deep, under drive', $said['options']);
        // (450 + 1.4 · (90 + 60 · 1.9 + 110)) to (750 + 1.4 · (160 + 110 · 1.9 + 190)), told to the ten.
        self::assertStringContainsString('for failed seal 12.0 m: € 890–1,530.', $said['options']);
        self::assertStringContainsString('A liner can do it', $said['options']);
        self::assertStringContainsString('1.9 m deep, 0.05 m either way', $said['dig']);
        self::assertStringContainsString('Supported or sloped before anybody goes in', $said['dig']);
        self::assertStringContainsString('Locate again, have buried utilities marked first', $said['dig']);
        self::assertStringContainsString('1.4 m long, 0.9 m wide, 2.05 m deep', $said['dig']);
        self::assertStringContainsString('No tapes lead here', $said['dig']);
        self::assertStringNotContainsString('Nobody located the line', $said['options']);
        self::assertStringContainsString('Prices are starting values', $said['options']);
    }

    public function testRootsAtAStackFootHaveTwoWaysToThem(): void
    {
        $roots = [
            'kind' => 'root_cords', 'from_m' => 1.0, 'size' => 30.0, 'unit' => 'percent', 'at_joint' => true, 'clock_from' => 8.0,
            'clock_to' => 10.0,
        ];
        $story = (new StoryBuilder('Stack, Story Row'))->opening('Pulled toilet', ['kind' => 'pulled_toilet', 'size_mm' => 100.0])
            ->look('Pulled toilet', [$roots], 14.0, 'main_reached', ['material' => 'pvc_welded'])
            ->mark(['at_m' => 1.0, 'depths_m' => [0.7, 0.7, 0.71], 'ground' => 'indoors']);
        $said = $this->told($story);
        self::assertStringContainsString(
            'Through the floor: € ', $said['options'],
        );
        self::assertStringContainsString(
            'From outside the wall: no price: nobody measured how far in from the outside wall it is', $said['options'],
        );
        self::assertStringContainsString('toilet and water out of use while it is open', $said['report']);
        self::assertStringContainsString('Floor opened and closed: € 350–650', $said['options']);
        self::assertStringContainsString('came in at 8–10 o’clock', $said['dig']);
        $address = '/jobs/'.$story->id.'/judge/options';
        $form = $this->browser->click($this->get($address)->filter('.repair')->selectLink('Correct')->link())
            ->selectButton('Save')->form();
        $this->browser->submit($form, [
            'repair_form[underFloorM]' => '1.5', 'repair_form[fixture]' => '1', 'repair_form[fromOutside]' => '1',
        ]);
        $page = $this->text($this->browser->followRedirect()->filter('#bench'));
        self::assertStringContainsString('Dig outside the wall and 1.5 m in under the floor', $page);
        self::assertStringContainsString('By hand under the floor × 1.5 m: € 290–510', $page);
        self::assertMatchesRegularExpression('/From outside the wall: € [\d,]+–[\d,]+ A heap of spoil/', $page);
        // Nobody may be under a floor for more than the house measures.
        $form = $this->browser->click($this->get($address)->filter('.repair')->selectLink('Correct')->link())->selectButton('Save')->form();
        $refused = $this->browser->submit($form, ['repair_form[underFloorM]' => '300']);
        self::assertSame(422, $this->statusCode());
        self::assertStringContainsString('A distance of 0.1 to 30 m', $refused->filter('.repair-form')->text());
    }

    public function testAWornLineIsRenewedFromTheWallToTheMain(): void
    {
        $worn = [
            'kind' => 'worn_invert', 'from_m' => 3.0, 'to_m' => 19.0, 'size' => 40.0, 'unit' => 'percent', 'facts' => ['wear' => 'gone'],
            'sureness' => 'likely',
        ];
        $wall = ['kind' => 'transition', 'from_m' => 2.0, 'size' => 100.0, 'unit' => 'mm', 'facts' => ['material_after' => 'cast_iron']];
        $story = (new StoryBuilder('Wall to main, Story Row', 'feet'))->opening('Hall', ['size_mm' => 100.0])
            ->look('Hall', [$wall, $worn], 20.0, 'main_reached', ['material' => 'pvc_welded'])
            ->mark(['at_m' => 2.0, 'depths_m' => [0.9, 0.9, 0.9]])
            ->mark(['at_m' => 20.0, 'depths_m' => [2.1, 2.1, 2.1], 'ground' => 'road']);
        $said = $this->told($story, 'bo@lantern.example');
        // From the transition at the wall to the end of the line at the main.
        self::assertStringContainsString("Renew 6' 7\"–65' 7\"", $said['options']);
        self::assertStringContainsString('whoever is in charge of the road (permit)', $said['options']);
        self::assertStringContainsString('Road permit', $said['options']);
        foreach (['options', 'report', 'judge'] as $page) {
            self::assertStringContainsString('for likely worn invert', $said[$page], 'likely is carried into every sentence');
        }
        self::assertStringContainsString('Where the bottom is worn through, water runs into the ground.', $said['options']);
        self::assertStringContainsString("up to 6' 11\" deep, under lawn, road", $said['options']);
        self::assertStringContainsString('No ground is opened by the way', $said['dig'], 'a liner is the cheapest');
        $this->send('/jobs/'.$story->id.'/judge/options/recommend', ['way' => 'renewing', 'because' => '']);
        $sheet = $this->text($this->get('/jobs/'.$story->id.'/judge/dig-sheet')->filter('#bench'));
        self::assertStringContainsString('For the way that is recommended: renewing.', $sheet);
        self::assertMatchesRegularExpression('/59\' 1" long, 2\' 11" wide, .* cubic yards/', $sheet);
    }

    public function testALineThatHoldsASagIsNotLinedAndChangesFollowAtOnce(): void
    {
        $sag = ['kind' => 'low_spot', 'from_m' => 8.0, 'to_m' => 11.0, 'size' => 45.0, 'unit' => 'mm', 'facts' => self::WET];
        $crack = [
            'kind' => 'crack', 'from_m' => 15.0, 'to_m' => 16.0, 'size' => null, 'unit' => null, 'facts' => ['crack_state' => 'open'],
        ];
        $story = (new StoryBuilder('Sag, Story Row'))->opening('Yard', ['size_mm' => 50.0, 'state' => 'too_small'])
            ->look('Yard', [$sag, $crack], 20.0);
        $said = $this->told($story);
        self::assertStringContainsString('No liner: it keeps the sag.', $said['options']);
        self::assertStringContainsString(
            'No way in that can be used is wide enough for a liner: one is made first.', $said['options'],
        );
        self::assertMatchesRegularExpression('/Lining.*Dig 7\.6–11\.4 m.*Liner 14\.4–16\.6 m.*New opening: € 650–1,100/', $said['options']);
        self::assertStringContainsString('Nobody located the line: it is priced as 1.2 m deep.', $said['report']);
        self::assertStringContainsString(
            'Nobody said what the ground is over what is mended: it is priced as lawn.', $said['report'],
        );
        self::assertStringContainsString('If nothing is doneWater goes on standing in the low spot', $said['options']);
        // The dearest book of the firm, the recommendation, and a repair that is left out.
        $this->signIn('office@tideway.example');
        self::assertSame([2230, 3990], $this->digs($story));
        $prices = $this->get('/settings/prices');
        $this->browser->submit($prices->selectButton('Save')->form(['prices[dig][start][0]' => '950', 'prices[dig][start][1]' => '1750']));
        // A start of 950 to 1,750 makes one hole of 9.1 m cheaper than two: 950 + 9.1 · 172 + 200 to 1,750 + 9.1 · 312 + 450.
        self::assertSame([2720, 5040], $this->digs($story));
        $this->send('/jobs/'.$story->id.'/judge/options/recommend', ['way' => 'digs', 'because' => 'Both are shallow.']);
        $report = $this->text($this->get('/jobs/'.$story->id.'/report')->filter('.report'));
        self::assertStringContainsString('we recommend this', $report);
        self::assertStringContainsString('Both are shallow.', $report);
        $page = $this->get('/jobs/'.$story->id.'/judge/options');
        $form = $this->browser->click($page->filter('.repair')->eq(1)->selectLink('Correct')->link())->selectButton('Save')->form();
        $this->browser->submit($form, ['repair_form[leftOut]' => '1']);
        $page = $this->text($this->browser->followRedirect()->filter('#bench'));
        self::assertStringContainsString('left out of the options', $page);
        self::assertStringNotContainsString('Liner 14', $page);
        $this->browser->submit($this->get('/settings/prices')->selectButton('Save')->form(['prices[dig][extra_m]' => '0.44']));
        self::assertSame('0.44', $this->get('/settings/prices')->filter('#prices-dig-extra_m')->attr('value'));
        // What was refused stays as it was typed.
        $refused = $this->browser->submit($this->get('/settings/prices')->selectButton('Save')->form(['prices[dig][start][0]' => '9000']));
        self::assertSame(422, $this->statusCode());
        self::assertSame('9000', $refused->filter('#prices-dig-start-0')->attr('value'));
        self::assertStringContainsString('low not over high', $refused->filter('.field-bad')->text());
    }

    public function testADigSheetIsSharedWithoutTheCustomer(): void
    {
        $hole = ['kind' => 'hole', 'from_m' => 9.0, 'size' => 5.0, 'unit' => 'percent'];
        $story = (new StoryBuilder('Shared, Story Row'))->opening('Yard')->look('Yard', [$hole], 20.0)
            ->mark(['at_m' => 9.0, 'depths_m' => [1.0, 1.0, 1.4]]);
        $this->told($story);
        $hand = '/jobs/'.$story->id.'/hand-over';
        $this->send($hand.'/links/'.Id::fresh(), ['what' => 'dig_sheet']);
        $address = (string) parse_url((string) $this->get($hand)->filter('.share-address')->attr('href'), \PHP_URL_PATH);
        self::assertStringStartsWith('/d/', $address);
        $this->browser->request('GET', '/sign-out');
        $this->browser->getCookieJar()->clear();
        $sheet = $this->text($this->get($address)->filter('body'));
        self::assertStringContainsString('Dig 1', $sheet);
        self::assertStringContainsString('Shared, Story Row', $sheet);
        self::assertStringContainsString('The mark at 9.0 m is not good enough to dig by: take it again first.', $sheet);
        self::assertStringNotContainsString('Hilde', $sheet, 'the customer of the story');
        $this->browser->request('GET', str_replace('/d/', '/r/', $address));
        self::assertSame(404, $this->statusCode(), 'the same address does not open the report');
    }

    public function testASecondOpinionOfTheOfficeIsKeptWithWhoDecidedAndWhy(): void
    {
        $seal = [
            'kind' => 'failed_seal', 'from_m' => 12.0, 'size' => null, 'unit' => null, 'at_joint' => true, 'facts' => ['soil_seen' => 'no'],
        ];
        $story = (new StoryBuilder('Second, Story Row'))->opening('Yard')->look('Yard', [$seal], 20.0);
        $this->told($story);
        $judge = '/jobs/'.$story->id.'/judge';
        $finding = substr((string) $this->get($judge)->filter('.judgements > li')->attr('id'), 2);
        $this->send($judge.'/findings/'.$finding.'/second/'.Id::fresh(), ['question' => 'Would you mend it before the sale?']);
        $this->signIn('office@tideway.example');
        $day = $this->get('/');
        self::assertStringContainsString('Would you mend it before the sale?', $day->filter('.day-side')->text());
        $opened = $this->browser->click($day->filter('a[href*="judging='.$finding.'"]')->link());
        $this->browser->submit($opened->filter('.second form')->form(['need' => 'mend', 'reason' => 'The buyer asks for it.']));
        $this->signIn();
        $opened = $this->get($judge.'?judging='.$finding);
        $this->browser->submit($opened->filter('.second form')->form(['decided' => 'office', 'because' => '']));
        self::assertStringContainsString(
            'Say whose opinion is taken, and why.', $this->browser->followRedirect()->filter('#bench')->text(),
        );
        $opened = $this->get($judge.'?judging='.$finding);
        $this->browser->submit($opened->filter('.second form')->form(['decided' => 'office', 'because' => 'She knows the buyer.']));
        $said = $this->text($this->browser->followRedirect()->filter('#bench'));
        self::assertStringContainsString('asked the office on', $said);
        self::assertStringContainsString('(watch when it was asked)', $said);
        self::assertMatchesRegularExpression('/The office \(.+\): mend\. The buyer asks for it\./', $said);
        self::assertMatchesRegularExpression('/decided for the office\'s opinion: She knows the buyer\./', $said);
        self::assertStringContainsString('What it costs to mend', $said, 'what the office calls mend is a repair from then on');
        $this->browser->request('GET', '/jobs/'.$story->id.'/job.json');
        $file = (array) json_decode((string) $this->browser->getInternalResponse()->getContent(), true, 64, \JSON_THROW_ON_ERROR);
        /** @var list<array<string, mixed>> $seconds */
        $seconds = $file['second_opinions'];
        self::assertSame(['watch', 'mend', 'office'], [$seconds[0]['asked'], $seconds[0]['need'], $seconds[0]['decided']]);
    }

    /** @return array{int, int} low and high of spot digs */
    private function digs(StoryBuilder $story): array
    {
        $price = $this->get('/jobs/'.$story->id.'/judge/options')->filter('.offer-price')->text();
        preg_match('/([\d,]+)–([\d,]+)/', $price, $found);

        return [(int) str_replace(',', '', $found[1] ?? ''), (int) str_replace(',', '', $found[2] ?? '')];
    }

    /** @return array{mark: string, judge: string, options: string, dig: string, report: string} */
    private function told(StoryBuilder $story, string $who = 'ana@tideway.example'): array
    {
        $this->signIn($who);
        $this->take($story);
        $job = '/jobs/'.$story->id;

        return [
            'mark' => $this->text($this->get($job.'/mark')->filter('.job-work')),
            'judge' => $this->text($this->get($job.'/judge')->filter('#bench')),
            'options' => $this->text($this->get($job.'/judge/options')->filter('#bench')),
            'dig' => $this->text($this->get($job.'/judge/dig-sheet')->filter('#bench')),
            'report' => $this->text($this->get($job.'/report')->filter('.report')),
        ];
    }

    private function text(Crawler $part): string
    {
        return trim((string) preg_replace('/\s+/u', ' ', $part->text(normalizeWhitespace: true)));
    }
}
