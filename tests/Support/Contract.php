<?php

declare(strict_types=1);

namespace Tests\Support;

use Illuminate\Testing\TestResponse;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Assert;
use Symfony\Component\Yaml\Yaml;

/** What the API description promises, held against what was answered. */
final class Contract
{
    private static ?object $schemas = null;

    public static function holds(string $schema, TestResponse $answer): void
    {
        self::$schemas ??= json_decode(str_replace('#/components/schemas/', 'http://yardbell.example/', (string) json_encode(
            Yaml::parseFile(dirname(__DIR__, 2).'/docs/api/openapi.yaml')['components']['schemas'],
            JSON_UNESCAPED_SLASHES,
        )));
        $validator = new Validator;
        foreach ((array) self::$schemas as $name => $body) {
            $body->{'$id'} = "http://yardbell.example/{$name}";
            $validator->resolver()?->registerRaw($body);
        }
        $result = $validator->validate(json_decode((string) $answer->getContent()), "http://yardbell.example/{$schema}");
        $error = $result->error();
        Assert::assertNull($error, $error === null ? '' : "{$schema}: ".json_encode((new ErrorFormatter)->format($error), JSON_UNESCAPED_SLASHES));
    }
}
