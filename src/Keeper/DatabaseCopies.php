<?php

declare(strict_types=1);

namespace App\Keeper;

/** How one kind of database is copied into a file and put back from it. */
interface DatabaseCopies
{
    /** Tables that are no part of what the firms have entered: they are left out of copies. */
    public const PASSING = ['session', 'cache_items'];

    /** The name of the file in a copy's folder. */
    public function name(): string;

    /**
     * One moment of the database, whatever is written meanwhile.
     *
     * @return array<string, int> rows at that moment by table, without what passes
     *
     * @throws BackupFailed
     */
    public function dump(string $file): array;

    /**
     * Puts a file back in a scratch place, which is gone afterwards.
     *
     * @return array<string, int> rows that came out by table
     *
     * @throws BackupFailed for a file that is no whole copy
     */
    public function tryOut(string $file): array;

    /**
     * In the place of the installation's database, whole or not at all.
     *
     * @throws BackupFailed
     */
    public function putBack(string $file): void;
}
