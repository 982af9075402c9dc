<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Cookie;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteExecuteMethod;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Facebook\WebDriver\WebDriverSelect;
use PHPUnit\Framework\Assert;

/** A browser window: goes somewhere, waits for what it needs, types, presses, reads. */
final class Window
{
    /** A screen that takes more tabs than these is no screen for the keyboard. */
    private const MOST_TABS = 150;

    private const PATIENCE_SECONDS = 25;

    private const QUIET_MILLISECONDS = 350;

    private const ASK_AGAIN_MICROSECONDS = 40_000;

    /** Chromium without the window around the page, which costs a third of the time. */
    private const CHROMIUM = '/usr/lib/chromium/chromium-headless-shell';

    /** @var list<RemoteWebDriver> browsers nobody uses just now */
    private static array $idle = [];

    /** @var array<string, array<Cookie>> by mail address */
    private static array $signedIn = [];

    public int $clicks = 0;

    /** Presses of keys, free text left out. */
    public int $keys = 0;

    private function __construct(public readonly RemoteWebDriver $driver)
    {
    }

    /** A tab without any memory, of a browser that an earlier test has done with where there is one. */
    public static function open(int $width, int $height): self
    {
        $driver = array_pop(self::$idle) ?? self::browser();
        $tools = new ChromeDevToolsDriver($driver);
        $tools->execute(
            'Page.addScriptToEvaluateOnNewDocument',
            ['source' => (string) file_get_contents(__DIR__.'/quiet.js')],
        );
        $tools->execute('Emulation.setDeviceMetricsOverride', [
            'width' => $width,
            'height' => $height,
            'deviceScaleFactor' => 1,
            'mobile' => $width < 500,
        ]);

        return new self($driver);
    }

    private static function browser(): RemoteWebDriver
    {
        $options = (new ChromeOptions())->setBinary(self::CHROMIUM)->addArguments([
            '--no-sandbox',
            '--disable-gpu',
            '--disable-background-networking',
            '--disable-component-update',
            '--disable-sync',
            '--no-first-run',
            '--disable-dev-shm-usage',
            '--force-prefers-reduced-motion',
            '--window-size=1280,800',
        ]);

        return RemoteWebDriver::create(
            (string) getenv('YARDBELL_TEST_DRIVER'),
            DesiredCapabilities::chrome()->setCapability(ChromeOptions::CAPABILITY, $options),
        );
    }

    /** Nothing has been asked for, typed or moved for longer than anything waits before it asks. */
    public function isQuiet(): bool
    {
        return $this->driver->executeScript('return window.isQuiet(arguments[0])', [self::QUIET_MILLISECONDS]) === true;
    }

    /** Waits until what is to be shown is there. */
    public function quiet(): self
    {
        $this->until('all that was asked for is there', fn (): bool => $this->isQuiet());

        return $this;
    }

    /** 400 kbit/s, and 0.4 s of delay, with nothing kept from before. */
    public function onSlowLine(): self
    {
        $tools = new ChromeDevToolsDriver($this->driver);
        $tools->execute('Network.enable'); // without it only what is gone to directly is slow
        $tools->execute('Network.setCacheDisabled', ['cacheDisabled' => true]);
        $tools->execute('Network.emulateNetworkConditions', [
            'offline' => false,
            'latency' => 400,
            'downloadThroughput' => 50_000,
            'uploadThroughput' => 50_000,
        ]);

        return $this;
    }

    public function go(string $path): self
    {
        $this->driver->get(str_starts_with($path, 'http') ? $path : getenv('YARDBELL_TEST_URL').$path);

        return $this;
    }

    /** Waits until it is there and shown. */
    public function find(string $css): RemoteWebElement
    {
        return $this->until(
            "\"{$css}\" is shown",
            fn (): ?RemoteWebElement => $this->one(
                'return [...document.querySelectorAll(given[0])].find(shown)',
                $css,
            ),
        );
    }

    /** Waits until it is there no more. */
    public function gone(string $css): self
    {
        $this->until("\"{$css}\" is gone", fn (): ?bool => $this->ask(
            'return document.querySelector(given[0]) === null ? true : null',
            $css,
        ));

        return $this;
    }

    private function one(string $ask, string ...$given): ?RemoteWebElement
    {
        $found = $this->ask($ask, ...$given);

        return is_array($found)
            ? new RemoteWebElement(new RemoteExecuteMethod($this->driver), (string) current($found), true)
            : null;
    }

    /** @param  string  $ask body of a function that gives nothing as long as there is nothing */
    private function ask(string $ask, string ...$given): mixed
    {
        static $asking;
        $asking ??= (string) file_get_contents(__DIR__.'/ask.js');

        return $this->driver->executeAsyncScript(sprintf($asking, $ask), $given);
    }

    public function press(string $css): self
    {
        $this->until("\"{$css}\" can be pressed", function () use ($css): bool {
            $element = $this->one(
                'const one = [...document.querySelectorAll(given[0])].find(shown);
                if (one === undefined || one.matches(":disabled")) {
                    return null;
                }
                one.scrollIntoView({ block: "center" });
                return one;',
                $css,
            );
            $element?->click();

            return $element !== null;
        });
        $this->clicks++;

        return $this;
    }

    /** Presses the button or link with this text. */
    public function choose(string $text): self
    {
        $this->until("\"{$text}\" can be pressed", function () use ($text): bool {
            $element = $this->one(
                'const named = document.evaluate(given[0], document, null, XPathResult.ORDERED_NODE_SNAPSHOT_TYPE);
                const all = Array.from({ length: named.snapshotLength }, (_, i) => named.snapshotItem(i));
                const one = all.find(shown);
                one?.scrollIntoView({ block: "center" });
                return one;',
                "//button[normalize-space()='{$text}' or @aria-label='{$text}'] | //a[normalize-space()='{$text}']",
            );
            $element?->click();

            return $element !== null;
        });
        $this->clicks++;

        return $this;
    }

    /** Types into a field, over what stood there. */
    public function type(string $css, string $text): self
    {
        $this->until("\"{$css}\" can be typed into", function () use ($css, $text): bool {
            $this->find($css)->sendKeys([
                WebDriverKeys::CONTROL,
                'a',
                WebDriverKeys::NULL,
                WebDriverKeys::DELETE,
                $text,
            ]);

            return true;
        });

        return $this;
    }

    /** Chooses an option of a select by its words. */
    public function select(string $css, string $words): self
    {
        $this->until("\"{$words}\" can be chosen", function () use ($css, $words): bool {
            (new WebDriverSelect($this->find($css)))->selectByVisibleText($words);

            return true;
        });
        $this->clicks++;

        return $this;
    }

    /** Goes on by the tabulator until this has the focus, as somebody without a mouse does. */
    public function tabTo(string $css): self
    {
        $this->find($css);
        for ($i = 0; $i < self::MOST_TABS; $i++) {
            if ($this->driver->executeScript('return document.activeElement.matches(arguments[0])', [$css]) === true) {
                return $this;
            }
            // not sent to the element: a field for files would take it as a name
            $this->driver->getKeyboard()->pressKey(WebDriverKeys::TAB)->releaseKey(WebDriverKeys::TAB);
        }
        Assert::fail("The tabulator never comes to \"{$css}\" at {$this->url()}.");
    }

    /** Types into what has the focus, over what stood there. */
    public function write(string $css, string $text): self
    {
        $this->tabTo($css);
        $this->driver
            ->switchTo()
            ->activeElement()
            ->sendKeys([WebDriverKeys::CONTROL, 'a'])
            ->sendKeys($text);

        return $this;
    }

    public function key(string $key): self
    {
        $this->keys++;
        // what has the focus may be drawn anew before it gets the key
        $this->until("\"{$key}\" can be pressed", function () use ($key): bool {
            $this->driver->getKeyboard()->sendKeys($key);

            return true;
        });

        return $this;
    }

    public function sees(string $text, int $patienceSeconds = self::PATIENCE_SECONDS): self
    {
        $read = $this->until(
            "\"{$text}\" is read",
            fn (): ?string => $this->ask(
                'const read = document.body.innerText; return read.includes(given[0]) ? read : null;',
                $text,
            ),
            $this->text(...),
            $patienceSeconds,
        );
        Assert::assertStringContainsString($text, $read);

        return $this;
    }

    public function text(): string
    {
        return (string) $this->driver->executeScript('return document.body.innerText');
    }

    public function url(): string
    {
        return $this->driver->getCurrentURL();
    }

    /** axe-core finds nothing wrong with what is shown (WCAG 2.2 A and AA, and its best practices). */
    public function isAccessible(): self
    {
        if ($this->driver->executeScript('return window.axe === undefined') === true) {
            $this->driver->executeScript(
                (string) file_get_contents(dirname(__DIR__, 2).'/node_modules/axe-core/axe.min.js'),
            );
        }
        $found = $this->driver->executeAsyncScript('const done = arguments[arguments.length - 1];
            const told = (node) => node.html + " " + node.failureSummary;
            const said = (one) => one.id + ": " + one.nodes.map(told).join(" | ");
            axe.run({ resultTypes: ["violations"] }).then((result) => done(result.violations.map(said)));');
        Assert::assertSame([], $found, $this->url());

        return $this;
    }

    /** By the form; whoever has signed in before in an earlier window is so still, as long as that sign-in lasts. */
    public function signIn(string $mail = 'alva@quernmoor.example', string $password = 'clay-and-water'): self
    {
        if (! $this->isSignedIn(self::$signedIn[$mail] ?? [])) {
            // what a page of the test before was answered late may have signed somebody in again
            $this->go('/favicon.svg')->driver->manage()->deleteAllCookies();
            $this->go('/sign-in')->type('#email', $mail)->type('#password', $password)->choose('Sign in');
            $this->find('.room-link');
            self::$signedIn[$mail] = $this->driver->manage()->getCookies();
        }

        return $this;
    }

    /** @param  array<Cookie>  $by what an earlier window was given */
    private function isSignedIn(array $by): bool
    {
        if ($by === []) {
            return false;
        }
        $this->go('/favicon.svg'); // cookies are given to a page
        foreach ($by as $cookie) {
            $this->driver->manage()->addCookie($cookie);
        }

        return $this->driver->executeAsyncScript(
            'const done = arguments[0]; fetch("/api/me").then((answer) => done(answer.ok), () => done(false));',
        ) === true;
    }

    /** Waits for a mail and opens it. */
    public function mailed(string $to, string $subject): self
    {
        $this->until("a mail \"{$subject}\" has come", function () use ($to, $subject): bool {
            $this->go(getenv('YARDBELL_TEST_STAND_INS').'/stand-ins/mailbox?to='.rawurlencode($to));

            return str_contains($this->text(), $subject);
        });
        $this->driver->findElement(WebDriverBy::partialLinkText($subject))->click();

        return $this;
    }

    /** Forgets all it knows of the sites it was at, once nothing is open there that could still be told something. */
    public function close(): void
    {
        $before = $this->driver->getWindowHandles();
        $this->driver->switchTo()->newWindow();
        $new = $this->driver->getWindowHandle();
        foreach ($before as $handle) {
            $this->driver->switchTo()->window($handle)->close();
        }
        $this->driver->switchTo()->window($new);
        $tools = new ChromeDevToolsDriver($this->driver);
        $tools->execute('Network.clearBrowserCookies');
        foreach (['YARDBELL_TEST_URL', 'YARDBELL_TEST_STAND_INS'] as $site) {
            $tools->execute('Storage.clearDataForOrigin', ['origin' => getenv($site), 'storageTypes' => 'all']);
        }
        if (self::$idle === []) {
            register_shutdown_function(self::quitIdle(...));
        }
        self::$idle[] = $this->driver;
    }

    /** With its browser: the next window is of a new one. */
    public function quit(): void
    {
        $this->driver->quit();
    }

    private static function quitIdle(): void
    {
        while (self::$idle !== []) {
            array_pop(self::$idle)->quit();
        }
    }

    /** How many times as long everything may take, as the machine was when the run began (bin/lib/testing.sh). */
    private static function patience(): int
    {
        return max(1, (int) getenv('YARDBELL_PATIENCE'));
    }

    /**
     * @template T
     *
     * @param  callable(): T  $ask  asked again until it answers with something
     * @return T
     */
    public function until(
        string $what,
        callable $ask,
        ?callable $instead = null,
        int $patienceSeconds = self::PATIENCE_SECONDS,
    ): mixed {
        $end = microtime(true) + $patienceSeconds * self::patience();
        do {
            try {
                $answer = $ask();
                if ($answer !== null && $answer !== false) {
                    return $answer;
                }
                $wrong = '';
            } catch (\Facebook\WebDriver\Exception\WebDriverException $thrown) {
                $wrong = $thrown->getMessage();
            }
            usleep(self::ASK_AGAIN_MICROSECONDS);
        } while (microtime(true) < $end);
        Assert::fail(
            "Waited in vain until {$what} at {$this->url()}. {$wrong} ".($instead === null ? '' : $instead()),
        );
    }
}
