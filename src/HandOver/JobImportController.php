<?php

declare(strict_types=1);

namespace App\HandOver;

use App\Firm\Account;
use App\HandOver\JobFile\JobFileReader;
use App\HandOver\JobFile\JobFiles;
use App\HandOver\LongWork\LongWorks;
use App\Record\LongKind;
use App\Support\Database\Id;
use App\Support\Files\RefusedFile;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

final class JobImportController extends AbstractController
{
    /** From this size on it is taken in while other things are done, in bytes. */
    private const BIG = 1_000_000;

    #[Route('/import', name: 'job_import', methods: ['GET', 'POST'])]
    public function import(Account $account, Request $request, JobFileReader $reader, LongWorks $works): Response
    {
        $errors = [];
        if ($request->isMethod('POST')) {
            $file = $request->files->get('file');
            $path = $file instanceof UploadedFile && $file->isValid() ? $file->getPathname() : 'php://memory';
            if (@filesize($path) >= self::BIG) {
                $work = $works->ask(Id::fresh(), LongKind::Import, $account, $request->getSchemeAndHttpHost(), given: $path);

                return $this->redirectToRoute('long_work', ['id' => $work->id], Response::HTTP_SEE_OTHER);
            }
            try {
                $job = $reader->read(JobFiles::open($path), $account->firm);

                return $this->redirectToRoute('call', ['job' => $job->id], Response::HTTP_SEE_OTHER);
            } catch (RefusedFile $refused) {
                $errors = $refused->errors;
            }
        }

        return $this->render('hand_over/import.html.twig', ['errors' => $errors], new Response(status: [] === $errors ? 200 : 422));
    }
}
