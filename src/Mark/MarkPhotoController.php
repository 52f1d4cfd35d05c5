<?php

declare(strict_types=1);

namespace App\Mark;

use App\Record\Job;
use App\Record\MarkRepository;
use App\Record\Photo;
use App\Record\PictureReader;
use App\Record\RefusedPicture;
use App\Support\Database\Id;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** The picture of a mark on the ground; a new one takes the place of the one before. */
#[Route('/jobs/{job}/mark/{id}/photo', requirements: ['id' => Id::PATTERN])]
final class MarkPhotoController extends AbstractController
{
    public function __construct(private readonly MarkRepository $marks, private readonly EntityManagerInterface $manager)
    {
    }

    #[Route('', name: 'mark_photo', methods: 'GET')]
    public function show(Job $job, string $id, Request $request): Response
    {
        $photo = null === $this->marks->onJob($id, $job) ? null : $this->manager->find(Photo::class, $id);

        return $photo?->asResponse($request->query->has('small')) ?? throw $this->createNotFoundException();
    }

    #[Route('', name: 'mark_photo_take', methods: 'POST')]
    public function take(Job $job, string $id, Request $request): Response
    {
        $mark = $this->marks->onJob($id, $job) ?? throw $this->createNotFoundException();
        $upload = $request->files->get('photo');
        try {
            $photo = $upload instanceof UploadedFile ? PictureReader::fromUpload($mark->id, $upload) : null;
        } catch (RefusedPicture $refused) {
            $this->addFlash('photo', 'error.'.$refused->reason);
            $photo = null;
        }
        if (null !== $photo) {
            $before = $this->manager->find(Photo::class, $id);
            if (null !== $before) {
                $this->manager->remove($before);
                $this->manager->flush();
            }
            $this->manager->persist($photo);
            $this->manager->flush();
        }

        return $this->redirectToRoute('mark_entry', ['job' => $job->id, 'id' => $id], Response::HTTP_SEE_OTHER);
    }
}
