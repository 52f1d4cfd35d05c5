<?php

declare(strict_types=1);

/** One browser with a session of its own, for what is measured over HTTP. */
final class Client
{
    private const PASSWORD = 'jurvex-demo';

    public readonly CurlHandle $curl;
    private string $csrf = '';

    public function __construct(private readonly string $server, private readonly string $person)
    {
        $this->curl = curl_init();
        curl_setopt_array($this->curl, [CURLOPT_RETURNTRANSFER => true, CURLOPT_COOKIEFILE => '', CURLOPT_TIMEOUT => 60]);
        $fields = ['email' => $person, 'password' => self::PASSWORD, '_token' => $this->token('/sign-in')];
        $this->answer('/sign-in', $fields);
        $this->csrf = $this->token('/settings');
    }

    /**
     * Asks and waits.
     *
     * @param array<string, string>|string $fields what is posted, or nothing
     *
     * @return array{string, float} body and milliseconds
     */
    public function answer(string $path, array|string $fields = []): array
    {
        $this->prepare($path, $fields);
        $body = (string) curl_exec($this->curl);
        if (!$this->isAnswered()) {
            $status = curl_getinfo($this->curl, CURLINFO_RESPONSE_CODE);
            fwrite(STDERR, "$path answered $status to $this->person\n".substr(strip_tags($body), 0, 400)."\n");
            exit(1);
        }

        return [$body, 1000 * curl_getinfo($this->curl, CURLINFO_TOTAL_TIME)];
    }

    /** @param array<string, string>|string $fields */
    public function prepare(string $path, array|string $fields = []): void
    {
        $headers = ['X-Csrf-Token: '.$this->csrf, 'X-Requested-With: XMLHttpRequest'];
        if (is_string($fields)) {
            $headers[] = 'Content-Type: text/plain';
        }
        curl_setopt_array($this->curl, [CURLOPT_URL => $this->server.$path, CURLOPT_HTTPHEADER => [] === $fields ? [] : $headers]);
        [] === $fields
            ? curl_setopt($this->curl, CURLOPT_HTTPGET, true)
            : curl_setopt($this->curl, CURLOPT_POSTFIELDS, is_string($fields) ? $fields : http_build_query($fields));
    }

    public function isAnswered(): bool
    {
        $status = curl_getinfo($this->curl, CURLINFO_RESPONSE_CODE);

        return $status >= 200 && $status < 400;
    }

    private function token(string $path): string
    {
        return preg_match('~name="csrf" content="([^"]+)"~', $this->answer($path)[0], $found) ? $found[1] : exit("no token at $path\n");
    }
}

/** A new identifier as a device makes it, ordered by time. */
function identifier(): string
{
    $hex = str_pad(dechex((int) (microtime(true) * 1000)), 12, '0', STR_PAD_LEFT).'7'.substr(bin2hex(random_bytes(2)), 1)
        .dechex(8 + random_int(0, 3)).substr(bin2hex(random_bytes(8)), 1);

    return (string) preg_replace('/^(.{8})(.{4})(.{4})(.{4})(.{12})$/', '$1-$2-$3-$4-$5', $hex);
}

/** @param list<float> $times */
function at(array $times, float $share): float
{
    sort($times);

    return $times[(int) min(count($times) - 1, floor($share * count($times)))];
}
