<?php

declare(strict_types=1);

namespace App\Call;

use App\Record\Job;
use App\Record\JobPicture;
use App\Record\JobPictureRepository;
use App\Record\Opening;
use App\Record\Photo;
use App\Record\PictureReader;
use App\Record\RefusedPicture;
use App\Support\Database\Id;
use App\Support\Web\ReturnAddress;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Contracts\Translation\TranslatorInterface;

/** Pictures of the place and of its openings; the screen has made the identifier. */
#[Route('/jobs/{job}/pictures/{id}', requirements: ['id' => Id::PATTERN])]
final class PicturesController extends AbstractController
{
    public function __construct(
        private readonly EntityManagerInterface $manager, private readonly JobPictureRepository $pictures,
        private readonly ReturnAddress $back,
    ) {
    }

    #[Route('', name: 'picture', methods: 'GET')]
    public function show(Job $job, string $id, Request $request): Response
    {
        $photo = null === $this->pictures->onJob($id, $job) ? null : $this->manager->find(Photo::class, $id);

        return $photo?->asResponse($request->query->has('small')) ?? throw $this->createNotFoundException();
    }

    #[Route('', name: 'picture_take', methods: 'POST')]
    public function take(Job $job, string $id, Request $request, ClockInterface $clock, TranslatorInterface $translator): Response
    {
        if (null === $this->pictures->find($id)) {
            $upload = $request->files->get('photo');
            try {
                $photo = $upload instanceof UploadedFile
                    ? PictureReader::fromUpload($id, $upload) : throw new RefusedPicture(RefusedPicture::MISSING);
            } catch (RefusedPicture $refused) {
                return $this->refuse($job, $request, $translator->trans('error.'.$refused->reason));
            }
            $opening = $this->manager->getRepository(Opening::class)->findOneBy([
                'id' => $request->request->getString('opening'), 'job' => $job, 'withdrawnAt' => null,
            ]);
            $note = mb_substr(trim($request->request->getString('note')), 0, JobPicture::LONGEST_NOTE);
            $this->manager->persist($photo);
            $this->manager->persist(new JobPicture($id, $job, $opening, $clock->now(), $note));
            $this->manager->flush();
        }

        return $this->goBack($job, $request);
    }

    #[Route('/withdraw', name: 'picture_withdraw', methods: 'POST')]
    public function withdraw(Job $job, string $id, Request $request, ClockInterface $clock): Response
    {
        $picture = $this->pictures->onJob($id, $job) ?? throw $this->createNotFoundException();
        $picture->withdraw($clock->now());
        $this->manager->flush();

        return $this->goBack($job, $request);
    }

    /** The page that it was given on says why; a browser's queue is told in short. */
    private function refuse(Job $job, Request $request, string $why): Response
    {
        if ($request->isXmlHttpRequest() && $request->headers->has('X-Queued')) {
            return new JsonResponse(['errors' => ['photo' => $why]], Response::HTTP_UNPROCESSABLE_ENTITY);
        }
        $this->addFlash('picture', $why);

        return $this->goBack($job, $request);
    }

    private function goBack(Job $job, Request $request): Response
    {
        $given = $request->request->getString('back');
        $stage = $this->generateUrl('call', ['job' => $job->id]);

        return $this->redirect('' === $given ? $stage : $this->back->of($given, 'day'), Response::HTTP_SEE_OTHER);
    }
}
