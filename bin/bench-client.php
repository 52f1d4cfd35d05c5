<?php

declare(strict_types=1);

/**
 * Asks each address in turn, round by round, so that a slow moment of the machine falls on all alike.
 * Arguments: the server, and a file with a line `name address` each (lines `store address` and `batch address` are posted to).
 */
const WARM_UP = 8;
const ROUNDS = 60;
const BOUNDS = [
    'home' => 3.0, 'look' => 6.0, 'judge' => 5.0, 'report' => 6.0, 'property' => 5.0, 'due' => 3.0,
    'five-runs' => 5.0, 'store' => 3.0, 'batch' => 4.0, 'map' => 6.0,
];
/** Pages that are measured in some rounds only, against the page of the same name with fewer findings. */
const FEW = 5;
const MORE = 5000 / 300;

[, $server, $file] = $argv;
$jar = (string) tempnam(sys_get_temp_dir(), 'bench');
$curl = curl_init();
curl_setopt_array($curl, [CURLOPT_RETURNTRANSFER => true, CURLOPT_COOKIEFILE => $jar, CURLOPT_COOKIEJAR => $jar, CURLOPT_TIMEOUT => 30]);

/** @return array{string, float} body and milliseconds */
$ask = static function (string $address, array|string $fields = [], array $headers = []) use ($curl, $server): array {
    curl_setopt_array($curl, [CURLOPT_URL => $server.$address, CURLOPT_HTTPHEADER => $headers]);
    [] === $fields
        ? curl_setopt($curl, CURLOPT_HTTPGET, true)
        : curl_setopt($curl, CURLOPT_POSTFIELDS, is_string($fields) ? $fields : http_build_query($fields));
    $body = (string) curl_exec($curl);
    $status = curl_getinfo($curl, CURLINFO_RESPONSE_CODE);
    if ($status >= 400 || 0 === $status) {
        fwrite(STDERR, "$address answered $status\n".substr(strip_tags($body), 0, 400)."\n");
        exit(1);
    }

    return [$body, 1000 * curl_getinfo($curl, CURLINFO_TOTAL_TIME)];
};
$token = static fn (string $page): string => preg_match('~name="csrf" content="([^"]+)"~', $page, $found) ? $found[1] : exit("no token\n");
$id = static function (): string {
    $hex = str_pad(
        dechex((int) (microtime(true) * 1000)),
        12,
        '0',
        STR_PAD_LEFT,
    ).'7'.substr(bin2hex(random_bytes(2)), 1).dechex(8 + random_int(0, 3)).substr(bin2hex(random_bytes(8)), 1);

    return preg_replace('/^(.{8})(.{4})(.{4})(.{4})(.{12})$/', '$1-$2-$3-$4-$5', $hex) ?? '';
};

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

$ask('/sign-in', ['email' => 'ana@tideway.example', 'password' => 'jurvex-demo', '_token' => $token($ask('/sign-in')[0])]);
$csrf = $token($ask('/settings')[0]);
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
            'store' => $ask(
                $address.$id(),
                ['kind' => 'root_cords', 'reading_from' => (string) ($round / 10), 'size' => '20'],
                ['X-Csrf-Token: '.$csrf, 'X-Requested-With: XMLHttpRequest'],
            )[1],
            'batch' => $ask(
                $address.$id(),
                $batch($round),
                ['X-Csrf-Token: '.$csrf, 'X-Requested-With: XMLHttpRequest', 'Content-Type: text/plain'],
            )[1],
            default => $ask($address)[1],
        };
        if ($round >= WARM_UP) {
            $times[$name][] = $took;
        }
    }
}
$at = static function (array $sorted, float $share): float {
    return $sorted[(int) min(count($sorted) - 1, floor($share * count($sorted)))];
};
array_walk($times, static fn (array &$each) => sort($each));
$bare = $at($times['bare'], 0.5);
printf("%-10s %12s %12s %10s %10s\n", 'page', 'median ms', '95th ms', 'to bare', 'bound');
$isOver = false;
foreach ($times as $name => $each) {
    $ratio = $at($each, 0.5) / $bare;
    $bound = BOUNDS[$name] ?? null;
    $isOver = $isOver || (null !== $bound && $ratio > $bound);
    printf(
        "%-10s %12.2f %12.2f %10.2f %10s\n",
        $name,
        $at($each, 0.5),
        $at($each, 0.95),
        $ratio,
        null === $bound ? '' : sprintf('%.0f %s', $bound, $ratio <= $bound ? 'kept' : 'OVER'),
    );
}
// Of a run of 5,000 findings, what a page takes beyond the bare route grows no faster than the findings.
foreach (['judge', 'report'] as $name) {
    $growth = ($at($times[$name.'5000'], 0.5) - $bare) / max(0.1, $at($times[$name], 0.5) - $bare);
    printf("%s with 5,000 findings for 300: %.1f times, bound %.1f %s\n", $name, $growth, MORE, $growth <= MORE ? 'kept' : 'OVER');
    $isOver = $isOver || $growth > MORE;
}
exit($isOver ? 1 : 0);
