<?php

declare(strict_types=1);

namespace App\HandOver;

use App\Firm\Account;
use App\HandOver\JobFile\JobFileReader;
use App\Support\Files\FileError;
use App\Support\Files\RefusedFile;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\BadRequestHttpException;
use Symfony\Component\Routing\Attribute\Route;

final class JobImportController extends AbstractController
{
    private const LONGEST_S = 300;
    private const IN_THE_ZIP = 'job.json';

    #[Route('/import', name: 'job_import', methods: ['GET', 'POST'])]
    public function import(Account $account, Request $request, JobFileReader $reader): Response
    {
        $errors = [];
        if ($request->isMethod('POST')) {
            $file = $request->files->get('file');
            // Two hundred megabytes of pictures take their time.
            set_time_limit(self::LONGEST_S);
            $path = $file instanceof UploadedFile && $file->isValid() ? $file->getPathname() : 'php://memory';
            try {
                $job = $reader->read(self::jobFile($path), $account->firm);

                return $this->redirectToRoute('call', ['job' => $job->id], Response::HTTP_SEE_OTHER);
            } catch (RefusedFile $refused) {
                $errors = $refused->errors;
            }
        }

        return $this->render('hand_over/import.html.twig', ['errors' => $errors], new Response(status: [] === $errors ? 200 : 422));
    }

    /**
     * @return resource the file itself, or the job file of a zip with everything
     *
     * @throws RefusedFile for a zip without one
     */
    private static function jobFile(string $path)
    {
        $stream = fopen($path, 'r') ?: throw new BadRequestHttpException();
        if ('PK' !== fread($stream, 2)) {
            rewind($stream);

            return $stream;
        }

        return @fopen('zip://'.$path.'#'.self::IN_THE_ZIP, 'r')
            ?: throw new RefusedFile([new FileError(self::IN_THE_ZIP, 'job_file.not_in_zip')]);
    }
}
