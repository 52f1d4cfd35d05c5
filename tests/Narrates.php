<?php

declare(strict_types=1);

namespace App\Tests;

use App\Record\LoggedFinding;
use App\Record\Run;
use App\Support\Database\Id;
use Jurvex\Core\Finding\Material;
use Jurvex\Core\Run\EndReason;
use Symfony\Component\DomCrawler\Crawler;

/** A look whose recording has words. */
trait Narrates
{
    private function ropeStore(): Run
    {
        $this->signIn(self::OTHER_FIRM);

        return $this->job('Rope store')->runs()[0];
    }

    private function look(Run $run): string
    {
        $base = '/jobs/'.$run->job->id.'/look/runs/'.$run->id;
        $this->get('/jobs/'.$run->job->id.'/look?run='.$run->id);

        return $base;
    }

    private function attach(Run $run, string $text): Crawler
    {
        $base = $this->look($run);
        $this->send($base.'/narration/'.Id::fresh(), [], ['text' => $this->upload($text, 'words.vtt')]);

        return 303 === $this->statusCode() ? $this->get($base.'/narration') : new Crawler($this->page());
    }

    /** @return array{Material, ?bool, ?EndReason, ?float} what the run says of itself */
    private function told(Run $run): array
    {
        $this->manager()->clear();
        $run = $this->manager()->find(Run::class, $run->id) ?? self::fail();

        return [
            $run->details()->material, $run->details()->waterOn, $run->endReason(),
            null === $run->reachedM() ? null : round($run->reachedM(), 2),
        ];
    }

    /** @return list<LoggedFinding> along the run */
    private function found(Run $run): array
    {
        $this->manager()->clear();

        return $this->manager()->getRepository(LoggedFinding::class)
            ->findBy(['run' => $run->id, 'withdrawnAt' => null], ['fromM' => 'ASC']);
    }
}
