<?php

declare(strict_types=1);

namespace App\Models\Concerns;

/**
 * The traits of a model are booted by the framework's names for that alone. The framework also looks at each of a
 * model's three hundred methods for an attribute that asks to be booted, which nothing here has: half a millisecond a
 * model, in each request.
 */
trait BootsByName
{
    use PlainAttributes;

    protected static function bootTraits(): void
    {
        static::$traitInitializers[static::class] = [];
        foreach (class_uses_recursive(static::class) as $trait) {
            $name = class_basename($trait);
            if (method_exists(static::class, "boot{$name}")) {
                static::{"boot{$name}"}();
            }
            if (method_exists(static::class, "initialize{$name}")) {
                static::$traitInitializers[static::class][] = "initialize{$name}";
            }
        }
    }
}
