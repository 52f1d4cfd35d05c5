<?php

declare(strict_types=1);

namespace App\Support\Logging;

use App\Support\Database\Id;
use App\Support\Time\SystemClock;
use Doctrine\DBAL\Connection;
use Psr\Clock\ClockInterface;
use Psr\Log\LoggerInterface;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\HttpFoundation\RequestStack;

/**
 * Writes down who did what with the firm's data: signing in, refusals, exports, share links, roles, rules. In a log of the server's, and
 * in a table that is added to and never changed, for the firm's owner.
 */
final readonly class Audit
{
    public function __construct(
        private LoggerInterface $auditLogger, private Security $security, private RequestStack $requests, private Connection $database,
        #[Autowire(service: SystemClock::class)] private ClockInterface $clock,
    ) {
    }

    /**
     * That rules or prices were changed: what of them, as it was and as it is now. Nothing where nothing was.
     *
     * @param array<mixed> $before
     * @param array<mixed> $after
     */
    public function changed(string $what, array $before, array $after): void
    {
        [$before, $after] = [self::flat($before), self::flat($after)];
        $were = array_diff_assoc($before, $after);
        $are = array_diff_assoc($after, $before);
        if ([] !== $were || [] !== $are) {
            $this->note($what, ['before' => self::said($were), 'after' => self::said($are)]);
        }
    }

    /**
     * @param array<mixed> $values
     *
     * @return array<string, string>
     */
    private static function flat(array $values, string $at = ''): array
    {
        $flat = [];
        foreach ($values as $key => $value) {
            $flat += \is_array($value) ? self::flat($value, $at.$key.'.') : [$at.$key => \is_scalar($value) ? (string) $value : ''];
        }

        return $flat;
    }

    /** @param array<string, string> $values */
    private static function said(array $values): string
    {
        return implode(', ', array_map(static fn (string $of, string $value) => $of.' '.$value, array_keys($values), $values));
    }

    /**
     * @param array<string, ?string> $about such as which job; never a password or a link's key
     * @param ?OfAFirm $of whose firm it is of; none is whoever is signed in
     */
    public function note(string $what, array $about = [], ?OfAFirm $of = null): void
    {
        $user = $this->security->getUser();
        $said = [
            'who' => $user?->getUserIdentifier(), 'from' => $this->requests->getMainRequest()?->getClientIp(), ...$about,
        ];
        $this->auditLogger->info($what, $said);
        $of ??= $user instanceof OfAFirm ? $user : null;
        if (null === $of) {
            return;
        }
        $this->database->insert('audit_entry', [
            'id' => Id::fresh(), 'firm_id' => $of->firmId(), 'at' => $this->clock->now()->format('Y-m-d H:i:s'),
            'what' => $what, 'who' => $said['who'] ?? '', 'origin' => $said['from'] ?? '',
            'about' => json_encode(array_diff_key($said, ['who' => 0, 'from' => 0]), \JSON_THROW_ON_ERROR),
        ]);
    }
}
