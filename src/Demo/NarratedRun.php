<?php

declare(strict_types=1);

namespace App\Demo;

use App\Firm\Firm;
use App\Record\Narrated;
use App\Record\OpeningKind;
use App\Record\Run;
use App\Record\RunDetails;
use App\Record\Why;
use App\Support\Database\Id;
use App\Work\SaidWords;
use Doctrine\ORM\EntityManagerInterface;
use Jurvex\Core\Measure\UnitSystem;
use Jurvex\Core\Say\Lexicon;
use Jurvex\Core\Say\Narration;
use Jurvex\Core\Say\Reading;
use Jurvex\Core\Say\Reel;
use Jurvex\Core\Say\Speech;
use Jurvex\Core\Say\TimedText;

/** A run of which nothing was logged and everything was said: its recording's words wait to be gone through. */
final readonly class NarratedRun
{
    private const REACHED_M = 22.25;
    public const SPOKEN = <<<'TXT'
        0:02 okay we are in through the cleanout behind the rope store and I zeroed it at the bottom of the drop
        0:11 this is four inch cast iron and the water is off
        0:18 little bit of scale along here from about 3 feet to 9 feet nothing bad
        0:29 at 11 feet there's a wye coming in on the left that's the sink in the back
        0:41 pushing on
        0:47 so at 16 and a half feet it changes from cast iron to clay
        0:55 and right at that joint it's offset, about half an inch
        1:06 24 feet
        1:08 some fine roots at the top of the joint here
        1:20 and at 31 feet a heavy root mass, I'd say half the pipe
        1:29 not seeing any cracks through here
        1:38 okay the belly starts at 38 feet
        1:46 about an inch and a half of water in it
        1:57 and it ends at 44 feet
        2:08 looks like a hairline crack along the top at 49, sorry, 51 feet
        2:21 hard to say but maybe there's a hole on the right at 57 feet
        2:34 I'll locate that, it's 5 feet 4 inches deep right there
        2:49 at 64 feet there's a separated joint and I can see soil
        3:02 so again that heavy root mass at 31 feet is the worst of it
        3:14 and there is the city main at 73 feet
        3:24 I would recommend having those roots cut before the winter
        3:33 that concludes it, thank you
        TXT;

    public function __construct(private DemoEntries $demo, private EntityManagerInterface $manager, private SaidWords $words)
    {
    }

    public function build(Firm $firm): void
    {
        $job = $this->demo->job(
            $firm, '26-0047', Why::BeforePurchase, 'Rope store, 6 Hawser Lane', 'Wick & Co', -2, 1,
            ['ordered' => 'Look at the line before the lease.', 'reportUnits' => UnitSystem::FeetAndInches],
        );
        $opening = $this->demo->opening($job, OpeningKind::Cleanout, 'Cleanout behind the store', 100, 0.9);
        $details = new RunDetails();
        [$details->boreMm, $details->expectedM] = [100, self::REACHED_M];
        $start = $this->demo->now->modify('-2 days');
        $run = new Run(Id::fresh(), $job, $opening, $start, $details);
        $narrated = Narrated::recording(
            Id::fresh(), $run, 'rope-store.txt', TimedText::read(self::SPOKEN), $start->modify('+30 minutes'),
        );
        $this->manager->persist($run);
        $this->manager->persist($narrated);
        $lexicon = Lexicon::of($narrated->language);
        $spoken = Reading::of(Speech::timed($narrated->asCues(), $lexicon), $lexicon);
        $entries = Narration::read($spoken, UnitSystem::FeetAndInches, new Reel([]));
        $this->words->add($narrated, SaidWords::places($entries));
    }
}
