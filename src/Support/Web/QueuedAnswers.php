<?php

declare(strict_types=1);

namespace App\Support\Web;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\RedirectResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Event\ResponseEvent;
use Symfony\Component\HttpKernel\KernelEvents;
use Symfony\Component\Routing\Generator\UrlGeneratorInterface;
use Symfony\Contracts\Translation\TranslatorInterface;

/** What a page answers by going on or by words beside a field is told in short to the queue of a browser. */
final readonly class QueuedAnswers
{
    private const MESSAGE = '~<(p|em|span|li)\b(?![^>]*\bcaution\b)[^>]*(?:class="[^"]*\berror\b[^"]*"|role="alert")[^>]*>(.*?)</\1>~su';
    private const LONGEST = 300;

    public function __construct(private UrlGeneratorInterface $addresses, private TranslatorInterface $translator)
    {
    }

    #[AsEventListener(KernelEvents::RESPONSE)]
    public function shorten(ResponseEvent $event): void
    {
        $response = $event->getResponse();
        if (!$event->isMainRequest() || !$event->getRequest()->headers->has('X-Queued') || $response instanceof JsonResponse) {
            return;
        }
        if ($response instanceof RedirectResponse) {
            $signIn = $this->addresses->generate('sign_in');
            $isOut = parse_url($response->getTargetUrl(), \PHP_URL_PATH) === $signIn;
            $event->setResponse(new JsonResponse(['stored' => !$isOut], $isOut ? Response::HTTP_UNAUTHORIZED : Response::HTTP_OK));
        } elseif ($response->isClientError() && !\in_array($response->getStatusCode(), [401, 403, 408, 425, 429], true)) {
            $why = $this->why((string) $response->getContent(), $response->getStatusCode());
            $event->setResponse(new JsonResponse(['errors' => ['all' => $why]], Response::HTTP_UNPROCESSABLE_ENTITY));
        } elseif ($response->isSuccessful()) {
            $event->setResponse(new JsonResponse(['stored' => true]));
        }
    }

    private function why(string $page, int $status): string
    {
        preg_match_all(self::MESSAGE, strstr($page, '<main') ?: '', $found);
        $told = array_map(
            static fn (string $html) => trim((string) preg_replace('/\s+/u', ' ', html_entity_decode(strip_tags($html)))),
            422 === $status ? $found[2] : [],
        );
        $told = implode(' ', array_unique(array_filter($told)));

        $other = $this->translator->trans('no_signal.refused_'.(404 === $status ? 'gone' : 'other'));

        return '' === $told ? $other : mb_substr($told, 0, self::LONGEST);
    }
}
