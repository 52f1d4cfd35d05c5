<?php

declare(strict_types=1);

/**
 * Many at once: each technician posts an entry every two seconds, each reader opens the next page a second after the one before was there.
 * A post's time counts from when it was due, so that one that had to wait is not counted as fast.
 * Arguments: the server, a file with a line `address run look` a technician, the database's URL, how many readers, seconds.
 */
use App\Support\Database\Platform;

const EVERY_S = 2.0;
const PAUSE_S = 1.0;
const BARE_ROUNDS = 60;
/** 95th percentile of posts to the median of the bare route, both by themselves on this machine. */
const BOUND = 10.0;

[, $server, $file, $database, $readers, $seconds] = $argv;

require dirname(__DIR__).'/vendor/autoload.php';
require __DIR__.'/client.php';

/** A technician with a run, or a reader without. */
final class Asker
{
    public float $dueAt = 0;
    public bool $isBusy = false;
    public int $posts = 0;

    public function __construct(public readonly Client $client, public readonly ?string $run = null)
    {
    }
}

$technicians = $looks = [];
foreach (file($file, FILE_IGNORE_NEW_LINES) ?: [] as $line) {
    [$person, $run, $looks[]] = explode(' ', $line, 3);
    $technicians[] = new Asker(new Client($server, $person), $run);
}
$reading = array_map(static fn () => new Asker(new Client($server, 'office@tideway.example')), range(1, (int) $readers));
$askers = [...$technicians, ...$reading];
$pages = ['/', '/due', ...$looks, ...array_map(static fn (string $look) => str_replace('/look', '/report', $look), $looks)];

// How fast the bare route is when nobody else asks.
$bare = [];
for ($round = 0; $round < BARE_ROUNDS; ++$round) {
    $bare[] = $technicians[0]->client->answer('/bare')[1];
}

$started = microtime(true);
foreach ($askers as $i => $asker) {
    $asker->dueAt = $started + EVERY_S * $i / count($askers);
}
$multi = curl_multi_init();
$of = new SplObjectStorage();
$sent = [];
$times = ['post' => [], 'page' => []];
$faults = 0;
do {
    $now = microtime(true);
    $isOpen = $now < $started + (float) $seconds;
    foreach ($askers as $asker) {
        if (!$isOpen || $asker->isBusy || $asker->dueAt > $now) {
            continue;
        }
        if (null === $asker->run) {
            $asker->client->prepare($pages[random_int(0, count($pages) - 1)]);
        } else {
            $sent[] = $id = identifier();
            $place = (string) (0.1 * $asker->posts++);
            $asker->client->prepare($asker->run.$id, ['kind' => 'root_cords', 'reading_from' => $place, 'size' => '20']);
        }
        $asker->isBusy = true;
        $of[$asker->client->curl] = $asker;
        curl_multi_add_handle($multi, $asker->client->curl);
    }
    curl_multi_exec($multi, $running);
    curl_multi_select($multi, 0.002);
    while (false !== $ended = curl_multi_info_read($multi)) {
        $asker = $of[$ended['handle']];
        $faults += $asker->client->isAnswered() ? 0 : 1;
        $now = microtime(true);
        $times[null === $asker->run ? 'page' : 'post'][] = 1000 * ($now - $asker->dueAt);
        $asker->dueAt = null === $asker->run ? $now + PAUSE_S : $asker->dueAt + EVERY_S;
        $asker->isBusy = false;
        curl_multi_remove_handle($multi, $asker->client->curl);
    }
} while ($isOpen || $running > 0);

$rows = Platform::connect($database)->fetchFirstColumn('SELECT id FROM logged_finding');
$stored = array_count_values($rows);
$lost = array_filter($sent, static fn (string $id) => 1 !== ($stored[$id] ?? 0));
$median = at($bare, 0.5);
printf("%d technicians, %d readers, %d s: ", count($technicians), count($reading), $seconds);
printf("%d posts, %d pages read\n", count($sent), count($times['page']));
printf("bare route alone, median %.1f ms\n", $median);
foreach ($times as $name => $each) {
    $late = at($each, 0.95);
    printf("%s: median %.1f ms, 95th %.1f ms, %.1f times the bare route\n", $name, at($each, 0.5), $late, $late / $median);
}
printf("refused or failed: %d; not stored exactly once: %d\n", $faults, count($lost));
$isSlow = at($times['post'], 0.95) > BOUND * $median;
printf("95th percentile of posts within %.0f times the bare route's median: %s\n", BOUND, $isSlow ? 'OVER' : 'kept');
exit($faults > 0 || [] !== $lost || $isSlow ? 1 : 0);
