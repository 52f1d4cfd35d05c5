<?php

declare(strict_types=1);

namespace App\Record;

use Symfony\Component\HttpFoundation\File\UploadedFile;

/**
 * Takes a JPEG or PNG and makes a picture of our own of it: upright, of limited size, without anything that the camera
 * wrote beside it (such as where it was taken).
 */
final class PictureReader
{
    public const MOST_BYTES = 12 * 1024 * 1024;
    // Decoded, a pixel takes four bytes; the turned copy is made of the small picture.
    private const MOST_PIXELS = 24_000_000;
    private const LONGEST_SIDE = 1600;
    private const QUALITY = 82;
    private const SMALL_SIDE = 480;
    private const SMALL_QUALITY = 70;
    private const TURNS = [3 => 180, 6 => -90, 8 => 90];

    /** @throws RefusedPicture */
    public static function fromUpload(string $findingId, UploadedFile $file): Photo
    {
        if (\in_array($file->getError(), [\UPLOAD_ERR_INI_SIZE, \UPLOAD_ERR_FORM_SIZE], true) || $file->getSize() > self::MOST_BYTES) {
            throw new RefusedPicture(RefusedPicture::TOO_LARGE);
        }
        if (!$file->isValid()) {
            throw new RefusedPicture(RefusedPicture::BROKEN);
        }

        return self::fromBytes($findingId, $file->getContent());
    }

    /** @throws RefusedPicture */
    public static function fromBytes(string $findingId, string $bytes): Photo
    {
        [$picture, $type] = self::decode($bytes);

        return self::encode($findingId, self::upright(self::small($picture), $bytes, $type));
    }

    /**
     * Takes back a picture that was made here as it is, so that a job file comes out as it went in.
     *
     * @throws RefusedPicture
     */
    public static function fromJobFile(string $findingId, string $base64): Photo
    {
        $bytes = base64_decode($base64, true);
        if (false === $bytes) {
            throw new RefusedPicture(RefusedPicture::BROKEN);
        }
        $info = @getimagesizefromstring($bytes, $segments);
        $carriesNothing = [] === array_diff(array_keys(\is_array($segments) ? $segments : []), ['APP0']);
        if (false === $info || \IMAGETYPE_JPEG !== $info[2] || !$carriesNothing || max($info[0], $info[1]) > self::LONGEST_SIDE) {
            return self::fromBytes($findingId, $bytes);
        }
        self::decode($bytes);

        return new Photo($findingId, $info[0], $info[1], $base64);
    }

    private static function upright(\GdImage $picture, string $bytes, int $type): \GdImage
    {
        if (\IMAGETYPE_JPEG !== $type || !\function_exists('exif_read_data')) {
            return $picture;
        }
        $stream = fopen('php://memory', 'r+');
        \assert(false !== $stream);
        fwrite($stream, $bytes);
        rewind($stream);
        $exif = @exif_read_data($stream);
        $turn = self::TURNS[\is_array($exif) && \is_int($exif['Orientation'] ?? null) ? $exif['Orientation'] : 1] ?? 0;

        return 0 === $turn ? $picture : (imagerotate($picture, $turn, 0) ?: $picture);
    }

    /**
     * @return array{\GdImage, int} the picture and its type
     *
     * @throws RefusedPicture
     */
    private static function decode(string $bytes): array
    {
        [$width, $height, $type] = @getimagesizefromstring($bytes) ?: [0, 0, 0];
        if (\IMAGETYPE_JPEG !== $type && \IMAGETYPE_PNG !== $type) {
            throw new RefusedPicture(RefusedPicture::WRONG_TYPE);
        }
        if ($width * $height > self::MOST_PIXELS) {
            throw new RefusedPicture(RefusedPicture::TOO_MANY_PIXELS);
        }
        $picture = @imagecreatefromstring($bytes);
        if (false === $picture || (\IMAGETYPE_JPEG === $type && !str_contains(substr($bytes, -64), "\xff\xd9"))) {
            throw new RefusedPicture(RefusedPicture::BROKEN);
        }

        return [$picture, $type];
    }

    /** On white, no side longer than the longest. */
    private static function small(\GdImage $picture): \GdImage
    {
        $width = imagesx($picture);
        $height = imagesy($picture);
        $scale = min(1.0, self::LONGEST_SIDE / max($width, $height));
        $canvas = imagecreatetruecolor(max(1, (int) round($width * $scale)), max(1, (int) round($height * $scale)));
        \assert(false !== $canvas);
        imagefill($canvas, 0, 0, (int) imagecolorallocate($canvas, 255, 255, 255));
        imagecopyresampled($canvas, $picture, 0, 0, 0, 0, imagesx($canvas), imagesy($canvas), $width, $height);

        return $canvas;
    }

    /** For a small screen: no side longer than 480. */
    public static function inSmall(string $jpeg): string
    {
        $picture = imagecreatefromstring($jpeg);
        $longest = false === $picture ? 0 : max(imagesx($picture), imagesy($picture));
        if (false === $picture || $longest <= self::SMALL_SIDE) {
            return $jpeg;
        }
        $small = imagescale($picture, (int) round(imagesx($picture) * self::SMALL_SIDE / $longest));
        ob_start();
        imagejpeg(false === $small ? $picture : $small, null, self::SMALL_QUALITY);

        return (string) ob_get_clean();
    }

    private static function encode(string $findingId, \GdImage $picture): Photo
    {
        ob_start();
        imagejpeg($picture, null, self::QUALITY);

        return new Photo($findingId, imagesx($picture), imagesy($picture), base64_encode((string) ob_get_clean()));
    }
}
