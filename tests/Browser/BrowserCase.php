<?php

declare(strict_types=1);

namespace Tests\Browser;

use PHPUnit\Framework\TestCase;

/** A test with real browsers against the running application that bin/yardbell test started. */
abstract class BrowserCase extends TestCase
{
    /** @var list<Window> */
    private array $windows = [];

    protected function window(int $width = 1280, int $height = 800): Window
    {
        return $this->windows[] = Window::open($width, $height);
    }

    protected function tearDown(): void
    {
        foreach ($this->windows as $window) {
            $window->close();
        }
        parent::tearDown();
    }
}
