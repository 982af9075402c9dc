<?php

declare(strict_types=1);

namespace App\Support;

use Illuminate\Foundation\Application as Framework;
use ReflectionObject;

/**
 * Builds each of our services once for whoever asks for several that need it. They hold nothing that changes, so nobody
 * can tell; built for each that needs them, an act of a booking would take five hundred instead of seventy.
 */
final class Application extends Framework
{
    /** @var array<string, object> what has been built for what is asked for just now */
    private array $built = [];

    private int $depth = 0;

    /** @param  array<mixed>  $parameters */
    protected function resolve($abstract, $parameters = [], $raiseEvents = true)
    {
        if (! is_string($abstract) || $parameters !== [] || ! str_starts_with($abstract, 'App\\')) {
            return parent::resolve($abstract, $parameters, $raiseEvents);
        }
        if (isset($this->built[$abstract])) {
            return $this->built[$abstract];
        }
        $this->depth++;
        try {
            $object = parent::resolve($abstract, $parameters, $raiseEvents);
            if (is_object($object) && (new ReflectionObject($object))->isReadOnly()) {
                $this->built[$abstract] = $object;
            }

            return $object;
        } finally {
            if (--$this->depth === 0) {
                $this->built = [];
            }
        }
    }
}
