<?php

declare(strict_types=1);

namespace Tests\Support;

use Illuminate\Testing\TestResponse;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Assert;
use Symfony\Component\Yaml\Yaml;

/**
 * What the API description promises, held against whatever is answered: by the route that was asked, in every test. An
 * answer with a status that is not described there breaks the promise too.
 */
final class Contract
{
    private const HOME = 'http://yardbell.example/';

    private static ?self $contract = null;

    /**
     * @var list<array{
     *     method: string, path: string, pattern: string, responses: array<string, array<string, string|null>>,
     * }> the name of the schema by status and content type; null: no JSON
     */
    private array $operations = [];

    private Validator $validator;

    private function __construct()
    {
        $description = Yaml::parseFile(dirname(__DIR__, 2).'/docs/api/openapi.yaml');
        $this->validator = new Validator();
        $schemas = json_decode(
            str_replace(
                '#/components/schemas/',
                self::HOME,
                (string) json_encode($description['components']['schemas'], JSON_UNESCAPED_SLASHES),
            ),
        );
        foreach ((array) $schemas as $name => $body) {
            $body->{'$id'} = self::HOME.$name;
            $this->validator->resolver()?->registerRaw($body);
        }
        foreach ($description['paths'] as $path => $methods) {
            foreach (array_diff_key($methods, ['parameters' => 1]) as $method => $operation) {
                $this->operations[] = [
                    'method' => strtoupper((string) $method),
                    'path' => $path,
                    'pattern' => '#^'.preg_replace('#\\\\\{\w+\\\\\}#', '[^/]+', preg_quote((string) $path, '#')).'\z#',
                    'responses' => array_map(
                        fn (array $response): array => self::schemas($description, $response),
                        $operation['responses'],
                    ),
                ];
            }
        }
        usort(
            $this->operations,
            static fn (array $a, array $b): int => substr_count($a['path'], '{') <=> substr_count($b['path'], '{'),
        );
    }

    /**
     * @param  array<string, mixed>  $description
     * @param  array<string, mixed>  $response
     * @return array<string, string|null> by content type: the name of its schema, where it has one
     */
    private static function schemas(array $description, array $response): array
    {
        if (isset($response['$ref'])) {
            $response = $description['components']['responses'][basename($response['$ref'])];
        }

        return array_map(
            static fn (array $content): ?string => isset($content['schema']['$ref'])
                ? basename($content['schema']['$ref'])
                : null,
            $response['content'] ?? [],
        );
    }

    /** Whatever the description says nothing about (pages, stand-ins) is not looked at. */
    public static function check(string $method, string $uri, TestResponse $answer): void
    {
        self::$contract ??= new self();
        $path = (string) parse_url($uri, PHP_URL_PATH);
        foreach (self::$contract->operations as $operation) {
            if ($operation['method'] === strtoupper($method) && preg_match($operation['pattern'], $path) === 1) {
                self::$contract->holds($operation, $answer);

                return;
            }
        }
    }

    /**
     * @param  array{
     *     method: string, path: string, pattern: string, responses: array<string, array<string, string|null>>,
     * }  $operation
     */
    private function holds(array $operation, TestResponse $answer): void
    {
        $asked = "{$operation['method']} {$operation['path']} {$answer->getStatusCode()}";
        Assert::assertArrayHasKey(
            $answer->getStatusCode(),
            $operation['responses'],
            "{$asked} is not described in docs/api/written.yaml.",
        );
        $schemas = $operation['responses'][$answer->getStatusCode()];
        $type = strtok((string) $answer->headers->get('Content-Type'), ';');
        if ($schemas !== []) {
            Assert::assertArrayHasKey((string) $type, $schemas, "{$asked} is of a kind that is not described.");
        }
        $schema = $schemas[$type] ?? null;
        if ($schema === null) {
            return;
        }
        $result = $this->validator->validate(json_decode((string) $answer->getContent()), self::HOME.$schema);
        $error = $result->error();
        Assert::assertNull(
            $error,
            $error === null
                ? ''
                : "{$asked}: ".json_encode((new ErrorFormatter())->format($error), JSON_UNESCAPED_SLASHES),
        );
    }
}
