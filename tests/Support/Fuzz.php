<?php

declare(strict_types=1);

namespace Tests\Support;

use Random\Engine\Mt19937;
use Random\Randomizer;
use Symfony\Component\Yaml\Yaml;

/**
 * Strange input, made from the API description: for each route, a request as the description has it, of which a few
 * places are replaced by what no client sends. The same seed gives the same requests.
 */
final class Fuzz
{
    private readonly Randomizer $random;

    /** @var list<array{string, string, array<string, mixed>}> method, path, operation */
    private array $operations = [];

    /** @var array<string, mixed> */
    private readonly array $schemas;

    /**
     * @param  array<string, list<string>>  $known values that mean something, by the name of a parameter or field, or
     *   by
     *   "gate-api name"
     * @param  array<string, list<mixed>>  $bodies that would be taken, by the end of a path
     */
    public function __construct(
        int $seed,
        private readonly array $known,
        private readonly array $bodies = [],
        string $under = '',
    ) {
        $this->random = new Randomizer(new Mt19937($seed));
        $description = Yaml::parseFile(dirname(__DIR__, 2).'/docs/api/openapi.yaml');
        $this->schemas = $description['components']['schemas'];
        foreach ($description['paths'] as $path => $item) {
            foreach (['get', 'post', 'put', 'delete'] as $method) {
                if (isset($item[$method]) && str_starts_with($path, $under)) {
                    $operation = $item[$method];
                    $operation['parameters'] = [...$item['parameters'] ?? [], ...$operation['parameters'] ?? []];
                    $this->operations[] = [strtoupper($method), $path, $operation];
                }
            }
        }
    }

    public function count(): int
    {
        return count($this->operations);
    }

    /**
     * @return array{method: string, uri: string, body: string|null} the operations one after another, round and round
     */
    public function next(int $i): array
    {
        [$method, $path, $operation] = $this->operations[$i % count($this->operations)];
        $query = [];
        foreach ($operation['parameters'] as $parameter) {
            $value = $this->parameter($parameter['name'], explode('/', $path)[1]);
            if ($parameter['in'] === 'path') {
                $path = str_replace("{{$parameter['name']}}", rawurlencode($value), $path);
            } elseif ($this->random->getInt(0, 4) > 0) {
                $query[] =
                    rawurlencode($parameter['name'])
                    .$this->one([...array_fill(0, 30, ''), '[]', '[a][b]'])
                    .'='
                    .rawurlencode($value);
            }
        }
        $body = isset($operation['requestBody'])
            ? $this->body($this->operations[$i % count($this->operations)][1], $operation['requestBody']['content'])
            : null;

        return [
            'method' => $method,
            'uri' => $path.($query === [] ? '' : '?'.implode('&', $query)),
            'body' => $body,
        ];
    }

    /** @param  string  $side api or gate-api: the same word may mean something else there */
    private function parameter(string $name, string $side): string
    {
        $known = $this->known["{$side} {$name}"] ?? ($this->known[$name] ?? []);
        if ($known !== [] && $this->random->getInt(0, 9) < 8) {
            return $this->one($known);
        }
        $strange = $this->strange();

        return is_string($strange) ? $strange : (string) json_encode($strange, JSON_INVALID_UTF8_SUBSTITUTE);
    }

    /** @param  array<string, mixed>  $content by media type */
    private function body(string $path, array $content): string
    {
        if ($this->random->getInt(0, 24) === 0) {
            return $this->one([
                '',
                '[',
                'null',
                '"text"',
                '[]',
                '{}',
                str_repeat('[', 600),
                "{\"name\": \"\xC3\x28\"}",
                '1e999',
                '{"a":'.str_repeat('9', 400).'}',
            ]);
        }
        $taken = array_merge(
            ...array_values(
                array_filter(
                    $this->bodies,
                    static fn (string $end): bool => str_ends_with($path, $end),
                    ARRAY_FILTER_USE_KEY,
                ),
            ),
        );
        $value =
            $taken !== [] && $this->random->getInt(0, 4) > 0
                ? $this->one($taken)
                : $this->made(array_values($content)[0]['schema'], 'body', 0);
        for ($times = $this->random->getInt(0, 3); $times > 0; $times--) {
            $value = $this->spoilt($value);
        }

        return str_replace(
            'BROKEN',
            "\xC3\x28",
            (string) json_encode($value, JSON_INVALID_UTF8_SUBSTITUTE | JSON_PARTIAL_OUTPUT_ON_ERROR),
        );
    }

    /** @param  array<string, mixed>  $schema */
    private function made(array $schema, string $name, int $depth): mixed
    {
        if (isset($schema['$ref'])) {
            $schema = $this->schemas[basename($schema['$ref'])];
        }
        foreach (['oneOf', 'anyOf'] as $choice) {
            if (isset($schema[$choice])) {
                return $this->made($this->one($schema[$choice]), $name, $depth + 1);
            }
        }
        $type = (array) ($schema['type'] ?? 'object');
        if (isset($schema['enum'])) {
            return $this->one($schema['enum']);
        }

        return match ($depth > 9 ? 'null' : $this->one($type)) {
            'object' => $this->object($schema, $depth),
            'array' => array_map(
                fn (): mixed => $this->made($schema['items'] ?? [], $name, $depth + 1),
                range(1, $this->random->getInt(1, 2)),
            ),
            'integer', 'number' => $this->random->getInt(0, 120),
            'boolean' => $this->random->getInt(0, 1) === 1,
            'null' => null,
            default => $this->text($name),
        };
    }

    /**
     * @param  array<string, mixed>  $schema
     * @return array<string, mixed>
     */
    private function object(array $schema, int $depth): array
    {
        $object = [];
        foreach ($schema['properties'] ?? [] as $key => $property) {
            if ($this->random->getInt(0, 19) > 0) {
                $object[$key] = $this->made($property, $key, $depth + 1);
            }
        }

        return $object;
    }

    private function text(string $name): string
    {
        $known = $this->known[$name] ?? ($this->known[rtrim($name, 's')] ?? []);

        return $known !== [] && $this->random->getInt(0, 5) > 0
            ? $this->one($known)
            : (string) $this->one([
                'Lesson',
                '2027-03-01',
                '2027-03-01T09:00',
                '2027-03-01T09:00Z',
                '09:00',
                'a@b.example',
                'mon',
            ]);
    }

    /** One place of it replaced by something strange. */
    private function spoilt(mixed $value): mixed
    {
        if (! is_array($value) || $value === [] || $this->random->getInt(0, 5) === 0) {
            return $this->strange();
        }
        $key = $this->one(array_keys($value));
        $value[$key] = $this->spoilt($value[$key]);

        return $value;
    }

    private function strange(): mixed
    {
        return $this->one([
            null,
            '',
            ' ',
            'BROKEN',
            str_repeat('x', 5000),
            '0',
            '-1',
            '00',
            '1e309',
            '4abc',
            PHP_INT_MAX,
            PHP_INT_MIN,
            4294967296,
            -1,
            0,
            1.5,
            1e300,
            true,
            false,
            [],
            [[]],
            ['a' => 1],
            [null],
            ['from' => '09:00'],
            "a\u{0}b",
            "line\nline",
            '💥',
            "\u{202E}txt",
            '2026-02-30',
            '0000-00-00',
            '9999-12-31T23:59Z',
            '-0001-01-01T00:00Z',
            '1969-12-31',
            '275760-09-13',
            '25:61',
            '24:00',
            "' or 1=1 --",
            '<script>',
            '../../etc/passwd',
            '%00',
            str_repeat('0', 26),
            str_repeat('z', 26),
            strtolower(str_repeat('W', 26)),
            ['mon' => 'all day'],
            ['mon' => [['from' => '09:00', 'to' => 9]]],
            array_fill(0, 1200, 1),
            array_fill(0, 3, ['id' => []]),
            '١٢',
            '12,5',
            '+5',
            'NaN',
            "\t9",
        ]);
    }

    /**
     * @template T
     *
     * @param  non-empty-array<T>  $from
     * @return T
     */
    private function one(array $from): mixed
    {
        $list = array_values($from);

        return $list[$this->random->getInt(0, count($list) - 1)];
    }
}
