<?php

declare(strict_types=1);

namespace App\HandOver;

use App\Record\Job;
use App\Support\Logging\Audit;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpFoundation\ResponseHeaderBag;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** All of a job in one zip, at once; see LongWorkController for having it made while other things are done. */
#[AsController]
final readonly class EverythingController
{
    public function __construct(private Everything $everything, private Audit $audit)
    {
    }

    #[Route('/jobs/{job}/everything.zip', name: 'everything', methods: 'GET')]
    public function everything(Job $job, Request $request): Response
    {
        $this->audit->note('exported', ['job' => $job->id, 'what' => 'everything']);
        $path = (string) tempnam(sys_get_temp_dir(), 'jurvex-zip');
        $this->everything->write($job, $path, $request->getSchemeAndHttpHost());

        return (new BinaryFileResponse($path))->deleteFileAfterSend()
            ->setContentDisposition(ResponseHeaderBag::DISPOSITION_ATTACHMENT, ReportPrinter::fileName($job, 'zip'));
    }
}
