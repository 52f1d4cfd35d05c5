<?php

declare(strict_types=1);

namespace App\Support\Files;

use Aws\S3\S3Client;
use League\Flysystem\AwsS3V3\AwsS3V3Adapter;
use League\Flysystem\Filesystem;
use League\Flysystem\Local\LocalFilesystemAdapter;
use League\Flysystem\UnixVisibility\PortableVisibilityConverter;
use League\Flysystem\Visibility;

/**
 * Makes the stores that FILES_DSN says: none for folders in var/ of this server, or a bucket as
 * `s3://KEY:SECRET@HOST/BUCKET?region=REGION`, with `&tls=0` for a server that speaks plain HTTP.
 */
final readonly class Stores
{
    public static function make(string $dsn, string $folder): Store
    {
        if ('' === $dsn) {
            $local = new LocalFilesystemAdapter(
                $folder, PortableVisibilityConverter::fromArray([], Visibility::PRIVATE), lazyRootCreation: true,
            );

            return new Store(
                new Filesystem($local, ['visibility' => Visibility::PRIVATE, 'directory_visibility' => Visibility::PRIVATE]),
                new FolderPlace($folder),
            );
        }
        $parts = parse_url($dsn);
        $isWhole = \is_array($parts) && isset($parts['host'], $parts['path'], $parts['user'], $parts['pass']);
        if (!$isWhole || 's3' !== ($parts['scheme'] ?? '')) {
            throw new \InvalidArgumentException('FILES_DSN is s3://KEY:SECRET@HOST/BUCKET?region=REGION or nothing.');
        }
        parse_str($parts['query'] ?? '', $options);
        $bucket = new S3Client([
            'version' => '2006-03-01', 'region' => $options['region'] ?? 'us-east-1', 'use_path_style_endpoint' => true,
            'endpoint' => ('0' === ($options['tls'] ?? '1') ? 'http' : 'https').'://'.$parts['host']
                .(isset($parts['port']) ? ':'.$parts['port'] : ''),
            'credentials' => ['key' => urldecode($parts['user']), 'secret' => urldecode($parts['pass'])],
        ]);
        [$name, $prefix] = [trim($parts['path'], '/'), basename($folder)];

        // Nothing in it is for anybody but this application: nobody need ask who may see what.
        $files = new Filesystem(new AwsS3V3Adapter($bucket, $name, $prefix), ['retain_visibility' => false]);

        return new Store($files, new BucketPlace($bucket, $name, $prefix));
    }
}
