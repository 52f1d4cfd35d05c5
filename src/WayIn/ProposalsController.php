<?php

declare(strict_types=1);

namespace App\WayIn;

use App\Record\Job;
use App\Screen\JobController;
use App\Screen\Stage;
use App\Work\LineMaps;
use App\Work\MappedRuns;
use Jurvex\Core\Sketch\Sketch;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** Takes over into the map what cameras saw, or turns it down. */
final class ProposalsController extends JobController
{
    #[Route('/jobs/{job}/way-in/proposals', name: 'line_proposals', methods: 'POST')]
    public function answer(Job $job, Request $request, MappedRuns $runs, LineMaps $maps): Response
    {
        $property = $job->property();
        $keys = array_filter($request->request->all('keys'), is_string(...));
        $chosen = [];
        foreach ($runs->questions($property, $runs->of($property)) as $question) {
            foreach ($question->offers as $proposal) {
                // Of what contradicts itself only the one that is named can be taken.
                if (\in_array($proposal->key, $keys, true) || ('all' === $request->request->getString('take') && !$question->isChoice())) {
                    $chosen[] = $proposal;
                }
            }
        }
        if ('no' === $request->request->getString('take')) {
            array_map($property->turnDown(...), array_column($chosen, 'key'));
            $this->store();
        } elseif ([] !== $chosen) {
            $maps->change($property, static function (Sketch $sketch) use ($chosen): Sketch {
                foreach ($chosen as $proposal) {
                    $sketch = $proposal->acceptedIn($sketch);
                }

                return $sketch;
            });
        }

        $at = $request->request->getString('at');

        return $this->redirectToRoute('way_in', ['job' => $job->id] + ('' === $at ? [] : ['at' => $at]), Response::HTTP_SEE_OTHER);
    }

    protected function stage(): Stage
    {
        return Stage::WayIn;
    }
}
