<?php

declare(strict_types=1);

namespace App\Support;

/**
 * Reads what came as JSON key by key, each as what it is to be. What has not passed any check reads as nothing rather
 * than as something else.
 */
final readonly class Given
{
    /** @param  array<array-key, mixed>  $all */
    private function __construct(private array $all)
    {
    }

    public static function in(mixed $all): self
    {
        return new self(is_array($all) ? $all : []);
    }

    public static function json(?string $json): self
    {
        return self::in($json === null ? null : json_decode($json, true, 32, JSON_THROW_ON_ERROR));
    }

    public function string(string $key): string
    {
        return $this->stringIf($key) ?? '';
    }

    public function stringIf(string $key): ?string
    {
        $value = $this->all[$key] ?? null;

        return is_scalar($value) ? (string) $value : null;
    }

    /** As somebody typed it, without blanks around it. */
    public function text(string $key): string
    {
        return trim($this->string($key));
    }

    public function int(string $key): int
    {
        return $this->intIf($key) ?? 0;
    }

    public function intIf(string $key): ?int
    {
        $value = $this->all[$key] ?? null;

        return is_numeric($value) || is_bool($value) ? (int) $value : null;
    }

    public function bool(string $key): bool
    {
        return (bool) ($this->all[$key] ?? false);
    }

    /** @return list<string> */
    public function strings(string $key): array
    {
        return $this->stringsIf($key) ?? [];
    }

    /** @return list<string>|null */
    public function stringsIf(string $key): ?array
    {
        $list = $this->all[$key] ?? null;

        return is_array($list) ? array_map(strval(...), array_values(array_filter($list, is_scalar(...)))) : null;
    }

    /** @return list<int> */
    public function ints(string $key): array
    {
        $list = $this->all[$key] ?? null;

        return is_array($list) ? array_map(intval(...), array_values(array_filter($list, is_numeric(...)))) : [];
    }

    /** @return list<self> */
    public function each(string $key): array
    {
        $list = $this->all[$key] ?? null;

        return is_array($list) ? array_map(self::in(...), array_values($list)) : [];
    }

    public function under(string $key): self
    {
        return self::in($this->all[$key] ?? null);
    }

    public function underIf(string $key): ?self
    {
        return is_array($this->all[$key] ?? null) ? $this->under($key) : null;
    }

    public function has(string $key): bool
    {
        return isset($this->all[$key]);
    }

    /** @return array<array-key, mixed> */
    public function all(): array
    {
        return $this->all;
    }
}
