<?php

declare(strict_types=1);

namespace App\Tests;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use Symfony\Component\DomCrawler\Crawler;
use Symfony\Component\DomCrawler\Form;

/** Every form of every page, sent with what nobody should send: it is answered with words, never with a fault of ours. */
#[Group('strict-database')]
final class EveryFormTest extends ApplicationTestCase
{
    private const NASTY = ['', '1e-320', '1e308', 'NaN', '-1', '99999999999999999999', "line\nbreak", ['an' => 'array']];
    /** Fields of a form that are spoiled each by itself; long tables are numbers like the first. */
    private const EACH = 8;
    /** The longest text that any field may store, in bytes: 4,000 letters of up to four. */
    private const LONGEST = 16_000;

    /** @var array<string, true> */
    private static array $spoiled = [];

    /** @return array<string, array{string}> */
    public static function pages(): array
    {
        $pages = [
            '/jobs/new', '/settings', '/settings/way-in', '/settings/clearing', '/import', '/kit/tool', '/practice',
            '/jobs/camp/way-in', '/jobs/camp/way-in/stoppage', '/jobs/camp/look',
        ];
        $stages = [
            '', '/way-in?at=kitchen', '/way-in?at=kitchen-pipe', '/way-in/openings', '/way-in/stoppage', '/clear',
            '/clear/plan', '/clear/bench', '/clear/run', '/look', '/look?start=1', '/mark', '/judge', '/hand-over',
        ];
        foreach ($stages as $stage) {
            $pages[] = '/jobs/Pottery'.$stage;
        }

        return array_combine($pages, array_map(static fn (string $page) => [$page], $pages));
    }

    #[DataProvider('pages')]
    public function testIsAnsweredWithWords(string $address): void
    {
        $this->asInUse();
        $this->signIn(self::OFFICE);
        $address = preg_replace_callback('~^/jobs/([A-Z]?[a-z]+)(?=/|$)~', fn (array $found) => 'new' === $found[1]
            ? $found[0]
            : '/jobs/'.$this->job($found[1])->id, $address) ?? '';
        $tool = '/kit/tool' === $address ? $this->get('/kit')->filter('main a[href^="/kit/"]')->attr('href') : null;
        $page = $this->get($tool ?? $address);
        self::assertSame(200, $this->statusCode(), $address);
        /** @var array<Form> $forms */
        $forms = $page->filter('main form[method=post]')->each(static fn (Crawler $form) => $form->form());
        self::assertNotEmpty($forms);
        foreach (self::fresh(array_values($forms)) as $form) {
            $this->spoil($form);
        }
        $this->nothingLongerThanItMayBe();
    }

    private function spoil(Form $form): void
    {
        $values = $form->getPhpValues();
        unset($values['_token']);
        $fields = self::fields($values);
        foreach (self::NASTY as $i => $nasty) {
            $this->post($form, array_reduce($fields, static fn (array $all, array $path) => self::with($all, $path, $nasty), $values));
            // Each field by itself, too, or the first that is refused hides the others.
            foreach (\array_slice($fields, 0, self::EACH) as $j => $path) {
                if ($i === $j % \count(self::NASTY)) {
                    $this->post($form, self::with($values, $path, $nasty));
                }
            }
        }
        foreach (array_keys($values) as $name) {
            $this->post($form, array_diff_key($values, [$name => null]));
            $this->post($form, [...$values, $name => 'no array']);
            foreach (\is_array($values[$name]) ? \array_slice(array_keys($values[$name]), 0, self::EACH) : [] as $inner) {
                $this->post($form, [...$values, $name => array_diff_key((array) $values[$name], [$inner => null])]);
            }
        }
        $this->post(
            $form,
            array_reduce($fields, static fn (array $all, array $path) => self::with($all, $path, str_repeat('é', 20_000)), $values),
        );
        $this->post($form, []);
    }

    /** @param array<mixed> $values */
    private function post(Form $form, array $values): void
    {
        static $token = null;
        $token ??= $this->token();
        $this->browser->request('POST', $form->getUri(), $values, server: ['HTTP_X_CSRF_TOKEN' => $token]);
        $status = $this->statusCode();
        if (403 === $status) {
            $token = $this->token();
        }
        self::assertLessThan(500, $status, $form->getUri()."\n".var_export($values, true)."\n".substr(strip_tags($this->page()), 0, 600));
    }

    private function nothingLongerThanItMayBe(): void
    {
        $connection = $this->manager()->getConnection();
        $bytes = TestDatabase::isShared() ? 'OCTET_LENGTH("%s")' : 'LENGTH(CAST("%s" AS BLOB))';
        foreach ($this->manager()->getMetadataFactory()->getAllMetadata() as $entity) {
            foreach ($entity->getFieldNames() as $field) {
                $column = $entity->getColumnName($field);
                if (\in_array($entity->getTypeOfField($field), ['string', 'text'], true) && !\in_array($column, ['jpeg', 'lines'], true)) {
                    $longest = $connection->fetchOne('SELECT MAX('.\sprintf($bytes, $column).') FROM '.$entity->getTableName());
                    self::assertLessThanOrEqual(
                        self::LONGEST,
                        is_numeric($longest) ? (int) $longest : 0,
                        $entity->getTableName().'.'.$column,
                    );
                }
            }
        }
    }

    /**
     * @param list<Form> $forms
     *
     * @return list<Form> one of each kind that no page before had
     */
    private static function fresh(array $forms): array
    {
        $fresh = [];
        foreach ($forms as $form) {
            $kind = preg_replace(
                ['/[0-9a-f-]{36}/', '/[?].*/'],
                ['*', ''],
                $form->getUri(),
            ).implode(',', array_keys($form->getPhpValues()));
            if (!isset(self::$spoiled[$kind]) && !preg_match('~/sign-out(-everywhere)?$~', $form->getUri())) {
                self::$spoiled[$kind] = true;
                $fresh[] = $form;
            }
        }

        return $fresh;
    }

    /**
     * @param array<mixed> $values
     * @param list<int|string> $before
     *
     * @return list<list<int|string>> the way to every value
     */
    private static function fields(array $values, array $before = []): array
    {
        $fields = [];
        foreach ($values as $name => $value) {
            $path = [...$before, $name];
            array_push($fields, ...(\is_array($value) ? self::fields($value, $path) : [$path]));
        }

        return $fields;
    }

    /**
     * @param array<mixed> $values
     * @param list<int|string> $path
     *
     * @return array<mixed>
     */
    private static function with(array $values, array $path, mixed $value): array
    {
        $name = array_shift($path);
        if (null !== $name) {
            $inner = $values[$name] ?? [];
            $values[$name] = [] === $path ? $value : self::with(\is_array($inner) ? $inner : [], $path, $value);
        }

        return $values;
    }
}
