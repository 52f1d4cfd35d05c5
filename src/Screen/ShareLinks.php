<?php

declare(strict_types=1);

namespace App\Screen;

use App\Record\Shared;
use App\Record\ShareLink;
use App\Support\Web\AddressLetters;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;

/**
 * Makes and reads the addresses of share links: the link's identifier and a signature of it under a key of their own, so that another
 * secret of the application leaves them as they are.
 * The database alone gives no address away, and a guess has to hit 192 bits.
 */
final readonly class ShareLinks
{
    private const SIGNATURE_BYTES = 24;

    public function __construct(private EntityManagerInterface $manager, private string $shareKey, private ClockInterface $clock)
    {
    }

    public function token(ShareLink $link): string
    {
        $id = Uuid::fromString($link->id)->toBinary();

        return AddressLetters::of($id.$this->signature($id));
    }

    /** The link of an address, if it is genuine, is to this, has not ended and was not revoked. */
    public function find(string $token, Shared $what): ?ShareLink
    {
        $bytes = base64_decode(strtr($token, '-_', '+/'), true);
        if (false === $bytes
            || AddressLetters::of($bytes) !== $token
            || \strlen($bytes) !== 16 + self::SIGNATURE_BYTES
            || !hash_equals($this->signature(substr($bytes, 0, 16)), substr($bytes, 16))
        ) {
            return null;
        }
        $link = $this->manager->find(ShareLink::class, Uuid::fromBinary(substr($bytes, 0, 16))->toRfc4122());

        $isOpen = null !== $link && null === $link->job->firm->access()->closedAt() && null === $link->revokedAt()
            && !$link->hasEnded($link->job->firm->today($this->clock->now()));

        return $isOpen && $what === $link->what ? $link : null;
    }

    /** Counts that somebody has opened it. */
    public function opened(ShareLink $link): void
    {
        $link->open($this->clock->now());
        $this->manager->flush();
    }

    private function signature(string $id): string
    {
        return substr(hash_hmac('sha256', 'share-link'.$id, $this->shareKey, true), 0, self::SIGNATURE_BYTES);
    }
}
