<?php

declare(strict_types=1);

namespace App\WayIn;

use App\Record\Job;
use App\Record\Run;
use App\Screen\JobController;
use App\Screen\Stage;
use App\Support\Database\Id;
use App\Work\FirstMaps;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** The first look draws the map where there was none. */
final class FirstMapController extends JobController
{
    #[Route('/jobs/{job}/way-in/from-look/{id}', name: 'line_from_look', requirements: ['id' => Id::PATTERN], methods: 'POST')]
    public function draw(Job $job, string $id, FirstMaps $maps): Response
    {
        $maps->draw($this->existing(Run::class, $job, $id));

        return $this->backToStage($job);
    }

    protected function stage(): Stage
    {
        return Stage::WayIn;
    }
}
