<?php

declare(strict_types=1);

/**
 * Asks each address in turn, round by round, so that a slow moment of the machine falls on all alike.
 * Arguments: the server, a file with a line `name address` each (lines `store address` and `batch address` are posted to), and a file for
 * the ratios: where it has some, the pages are compared with them.
 */
const WARM_UP = 8;
const ROUNDS = 60;
const BOUNDS = [
    'home' => 3.0, 'look' => 5.0, 'judge' => 5.0, 'report' => 5.0, 'property' => 5.0, 'due' => 3.0,
    'five-runs' => 5.0, 'store' => 3.0, 'batch' => 4.0, 'map' => 6.0,
];
/** Pages that are measured in some rounds only, against the page of the same name with fewer findings. */
const FEW = 5;
const MORE = 5000 / 300;

/** Of pages among ten times as many jobs, to what they took before: lists stay as fast, and a search goes through all jobs. */
const FLAT = ['home' => 1.5, 'due' => 1.5, 'find' => 5.0];

require __DIR__.'/client.php';

[, $server, $file] = $argv;
$before = $argv[3] ?? null;

/** Six hundred readings, a stretch of 30 m pushed through. */
$batch = static fn (int $round): string => implode(
    "\n",
    array_map(
        static fn (int $i) => sprintf(
            '%.1f,%.3f,%.2f,3.0,%s',
            600 * $round + $i,
            $i / 20,
            -1.1 - ($i % 7) / 10,
            0 === $i % 9 ? 'lens=-0.4' : '',
        ),
        range(1, 600),
    ),
);

$client = new Client($server, 'ana@tideway.example');
$pages = [];
foreach (file($file, FILE_IGNORE_NEW_LINES) ?: [] as $line) {
    [$name, $address] = explode(' ', $line, 2);
    $pages[$name] = $address;
}
$times = array_fill_keys(array_keys($pages), []);
for ($round = 0; $round < WARM_UP + ROUNDS; ++$round) {
    foreach ($pages as $name => $address) {
        if (str_ends_with($name, '5000') && $round < WARM_UP + ROUNDS - FEW) {
            continue;
        }
        $took = match ($name) {
            'store' => $client->answer($address.identifier(), [
                'kind' => 'root_cords', 'reading_from' => (string) ($round / 10), 'size' => '20',
            ])[1],
            'batch' => $client->answer($address.identifier(), $batch($round))[1],
            default => $client->answer($address)[1],
        };
        if ($round >= WARM_UP) {
            $times[$name][] = $took;
        }
    }
}
$bare = at($times['bare'], 0.5);
printf("%-10s %12s %12s %10s %10s\n", 'page', 'median ms', '95th ms', 'to bare', 'bound');
$isOver = false;
foreach ($times as $name => $each) {
    $ratio = at($each, 0.5) / $bare;
    $bound = BOUNDS[$name] ?? null;
    $isOver = $isOver || (null !== $bound && $ratio > $bound);
    printf(
        "%-10s %12.2f %12.2f %10.2f %10s\n",
        $name,
        at($each, 0.5),
        at($each, 0.95),
        $ratio,
        null === $bound ? '' : sprintf('%.0f %s', $bound, $ratio <= $bound ? 'kept' : 'OVER'),
    );
}
// Of a run of 5,000 findings, what a page takes beyond the bare route grows no faster than the findings.
foreach (array_intersect(['judge', 'report'], array_keys($times)) as $name) {
    $growth = (at($times[$name.'5000'], 0.5) - $bare) / max(0.1, at($times[$name], 0.5) - $bare);
    printf("%s with 5,000 findings for 300: %.1f times, bound %.1f %s\n", $name, $growth, MORE, $growth <= MORE ? 'kept' : 'OVER');
    $isOver = $isOver || $growth > MORE;
}
if (null !== $before) {
    $medians = array_map(static fn (array $each) => at($each, 0.5) / $bare, $times);
    $earlier = is_file($before) ? json_decode((string) file_get_contents($before), true) : [];
    file_put_contents($before, json_encode($medians));
    foreach (array_intersect_key($medians, $earlier, FLAT) as $name => $now) {
        $growth = $now / $earlier[$name];
        $isKept = $growth <= FLAT[$name];
        printf("%s among more jobs: %.2f times what it was, bound %.1f %s\n", $name, $growth, FLAT[$name], $isKept ? 'kept' : 'OVER');
        $isOver = $isOver || !$isKept;
    }
}
exit($isOver ? 1 : 0);
