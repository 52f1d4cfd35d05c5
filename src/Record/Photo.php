<?php

declare(strict_types=1);

namespace App\Record;

use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\HttpFoundation\Response;

/** A finding's picture, kept in the database so that one file holds the whole record. Always a JPEG made here. */
#[ORM\Entity]
class Photo
{
    public function __construct(
        #[ORM\Id, ORM\Column(length: 36)]
        public readonly string $findingId,
        #[ORM\Column]
        public readonly int $width,
        #[ORM\Column]
        public readonly int $height,
        /** Base64 of the JPEG. */
        #[ORM\Column(type: 'text')]
        public readonly string $jpeg,
    ) {
    }

    /** @param bool $isSmall as it is taken along for the time without a network */
    public function asResponse(bool $isSmall = false): Response
    {
        $jpeg = (string) base64_decode($this->jpeg, true);

        return new Response($isSmall ? PictureReader::inSmall($jpeg) : $jpeg, 200, [
            'Content-Type' => 'image/jpeg',
            'Cache-Control' => 'private, max-age=86400, immutable',
        ]);
    }
}
