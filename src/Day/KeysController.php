<?php

declare(strict_types=1);

namespace App\Day;

use App\Screen\Keys;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** The page of keys and gestures. */
final class KeysController extends AbstractController
{
    #[Route('/keys', name: 'keys', methods: 'GET')]
    public function keys(): Response
    {
        return $this->render('day/keys.html.twig', ['parts' => array_keys(Keys::TABLE), 'gestures' => Keys::GESTURES]);
    }
}
