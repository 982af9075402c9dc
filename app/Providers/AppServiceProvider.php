<?php

declare(strict_types=1);

namespace App\Providers;

use App\Board\BoardCache;
use App\Board\Pulse;
use App\Bookings\AttachmentFiles;
use App\Bookings\HoldLimits;
use App\Bookings\SeenVersion;
use App\Changes\Things;
use App\Http\OneFormOfId;
use App\Http\ReadersPage;
use App\Language\Catalogue;
use App\Language\Languages;
use App\Language\Speech;
use App\Messages\CalendarEvent;
use App\Messages\MailServer;
use App\Messages\Post;
use App\Messages\SaleLetters;
use App\Models\Booking;
use App\Models\CurrentBusiness;
use App\Models\Payment;
use App\Models\Refund;
use App\Models\Sale;
use App\Offer\SetupReader;
use App\Outbox\Channels;
use App\Payments\Fulfilments;
use App\Payments\TellsPayer;
use App\Prices\PriceLists;
use App\Processor\HttpProcessor;
use App\Processor\Processor;
use App\Roster\Checklist;
use App\Roster\HttpMeetings;
use App\Roster\MeetingProvider;
use App\Roster\PictureFiles;
use App\Roster\SetupLists;
use App\StandIns\MailboxFiles;
use App\StandIns\ProcessorNotices;
use App\Support\Circuit;
use App\Support\ClientLink;
use App\Support\Clock;
use App\Support\Connector;
use App\Support\LinkSeal;
use App\Support\Mutex;
use App\Support\OwnPageLink;
use App\Support\PatientConnection;
use App\Support\SparingSessions;
use App\Support\TypedText;
use App\Times\ReadsSetup;
use App\Times\RuleBooks;
use App\Times\RulesReader;
use App\Times\TellTimeOpened;
use App\Times\TimesCache;
use App\Upkeep\Sweep;
use Closure;
use Illuminate\Cache\CacheManager;
use Illuminate\Contracts\Events\Dispatcher;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Contracts\View\Factory as ViewFactory;
use Illuminate\Database\Connection;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Http\Client\Factory;
use Illuminate\Http\Request;
use Illuminate\Routing\Router;
use Illuminate\Session\SessionManager;
use Illuminate\Support\Facades\URL;
use Illuminate\Support\ServiceProvider;
use Illuminate\Translation\Translator;
use Illuminate\Validation\Factory as ValidationFactory;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->bind('db.connector.mariadb', Connector::class);
        Connection::resolverFor(
            'mariadb',
            static fn (
                Closure $pdo,
                string $database,
                string $prefix,
                array $config,
            ): PatientConnection => new PatientConnection($pdo, $database, $prefix, $config),
        );
        $this->app->scoped(CurrentBusiness::class);
        $this->app->scoped(Speech::class);
        $this->app->bind(
            CalendarEvent::class,
            static fn (Application $app): CalendarEvent => new CalendarEvent(
                $app->make(Clock::class),
                $app->make(Catalogue::class),
                config()->string('yardbell.sender'),
            ),
        );
        $this->app->singleton(
            Languages::class,
            static fn (Application $app): Languages => new Languages(
                explode(',', config()->string('app.languages')),
                config()->string('app.locale'),
                $app->make(CacheManager::class),
            ),
        );
        $this->app->extend('translator', static function (Translator $translator, Application $app): Translator {
            $translator->determineLocalesUsing(
                static fn (array $wanted): array => $app->make(Languages::class)->fallbacks($wanted[0]),
            );

            return $translator;
        });
        $this->app->bind(ReadsSetup::class, SetupReader::class);
        $this->app->bind(
            Fulfilments::class,
            static fn (Application $app): Fulfilments => new Fulfilments($app, Kinds::OF_FULFILMENTS),
        );
        $this->app->bind(TellsPayer::class, SaleLetters::class);
        $this->app->bind(
            SeenVersion::class,
            static fn (Application $app): SeenVersion => new SeenVersion(
                static fn (): Request => $app->make(Request::class),
            ),
        );
        $this->app->bind(
            Channels::class,
            static fn (Application $app): Channels => new Channels($app, Kinds::OF_CHANNELS),
        );
        $this->app->bind(Things::class, static fn (Application $app): Things => new Things($app, Kinds::OF_THINGS));
        $this->app->scoped(
            Clock::class,
            static fn (): Clock => new Clock(
                config('yardbell.demonstration') === true ? config()->string('yardbell.clock') : null,
            ),
        );
        $this->app->scoped(RulesReader::class);
        $this->app->scoped(
            RuleBooks::class,
            static fn (Application $app): RuleBooks => new RuleBooks(
                $app->make(CacheManager::class)->store('rules'),
                $app->make(ReadsSetup::class),
            ),
        );
        $this->app->bind(
            TimesCache::class,
            static fn (Application $app): TimesCache => new TimesCache(
                $app->make(CacheManager::class)->store('rules'),
                $app->make(RulesReader::class),
                $app,
            ),
        );
        $this->app->bind(
            BoardCache::class,
            static fn (Application $app): BoardCache => new BoardCache(
                $app->make(CacheManager::class)->store('rules'),
                $app->make(Pulse::class),
                $app->make(Clock::class),
                $app,
            ),
        );
        $this->app->bind(
            PriceLists::class,
            static fn (Application $app): PriceLists => new PriceLists(
                $app->make(CacheManager::class)->store('rules'),
                $app->make(ConnectionInterface::class),
                $app->make(Clock::class),
            ),
        );
        $this->app->bind(
            SetupLists::class,
            static fn (Application $app): SetupLists => new SetupLists(
                $app->make(ConnectionInterface::class),
                $app->make(CacheManager::class)->store('rules'),
            ),
        );
        $this->app->bind(
            Checklist::class,
            static fn (Application $app): Checklist => new Checklist(
                $app->make(RuleBooks::class),
                $app->make(CacheManager::class)->store('rules'),
                $app->make(Catalogue::class),
            ),
        );
        $this->app->bind(
            HoldLimits::class,
            static fn (Application $app): HoldLimits => new HoldLimits(
                $app->make(Connection::class),
                $app->make(Clock::class),
                $app->make(Mutex::class),
                config()->integer('yardbell.holds_of_one'),
            ),
        );
        $this->app->bind(
            Circuit::class,
            static fn (Application $app): Circuit => new Circuit(
                $app->make(CacheManager::class)->store(),
                $app->make(Clock::class),
            ),
        );
        $this->app->bind(
            Sweep::class,
            static fn (Application $app): Sweep => new Sweep(
                db: $app->make(ConnectionInterface::class),
                cache: $app->make(CacheManager::class)->store(),
                files: $app->make(AttachmentFiles::class),
                clock: $app->make(Clock::class),
                current: $app->make(CurrentBusiness::class),
                mailbox: config()->string('yardbell.mailbox'),
                logs: dirname(config()->string('logging.channels.single.path')),
            ),
        );
        $this->app->bind(
            PictureFiles::class,
            static fn (): PictureFiles => new PictureFiles(config()->string('yardbell.pictures')),
        );
        $this->app->bind(
            AttachmentFiles::class,
            static fn (): AttachmentFiles => new AttachmentFiles(
                app(ConnectionInterface::class),
                app(Mutex::class),
                config()->string('yardbell.attachments'),
            ),
        );
        $this->app->bind(
            MeetingProvider::class,
            static fn (Application $app): MeetingProvider => new HttpMeetings(
                $app->make(Factory::class),
                $app->make(Circuit::class),
                config()->string('yardbell.meetings'),
            ),
        );
        $this->app->bind(
            ClientLink::class,
            static fn (Application $app): ClientLink => new ClientLink(
                $app->make(LinkSeal::class),
                config()->string('app.key'),
                config()->string('app.url'),
            ),
        );
        $this->app->bind(
            LinkSeal::class,
            static fn (Application $app): LinkSeal => new LinkSeal(
                $app->make(Clock::class),
                config()->string('app.key'),
            ),
        );
        $this->app->bind(
            OwnPageLink::class,
            static fn (Application $app): OwnPageLink => new OwnPageLink(
                $app->make(LinkSeal::class),
                $app->make(Clock::class),
                config()->string('app.url'),
            ),
        );
        $this->app->bind(
            MailboxFiles::class,
            static fn (Application $app): MailboxFiles => new MailboxFiles(
                $app->make(Clock::class),
                config()->string('yardbell.mailbox'),
            ),
        );
        $this->app->bind(
            Post::class,
            static fn (Application $app): Post => $app->make(
                config('yardbell.demonstration') === true ? MailboxFiles::class : MailServer::class,
            ),
        );
        $this->app->bind(
            Processor::class,
            static fn (Application $app): Processor => new HttpProcessor(
                http: $app->make(Factory::class),
                circuit: $app->make(Circuit::class),
                address: config()->string('yardbell.processor'),
                secret: config()->string('yardbell.processor_secret'),
                noticeUrl: config()->string('app.url').'/gate-api/processor-notices',
                clock: $app->make(Clock::class),
            ),
        );
        $this->app->bind(
            ProcessorNotices::class,
            static fn (Application $app): ProcessorNotices => new ProcessorNotices(
                $app->make(ConnectionInterface::class),
                $app->make(Factory::class),
                $app->make(Clock::class),
                config()->string('yardbell.processor_secret'),
            ),
        );
    }

    public function boot(): void
    {
        $this->app->make(Router::class)->matched(new OneFormOfId());
        if (str_starts_with(config()->string('app.url'), 'https://')) {
            URL::forceScheme('https'); // also where the server in front says nothing of it
        }
        $this->callAfterResolving(
            SessionManager::class,
            fn (SessionManager $sessions) => $sessions->extend(
                'sparing',
                fn (): SparingSessions => new SparingSessions(
                    $this->app->make(ConnectionInterface::class),
                    config()->string('session.table'),
                    config()->integer('session.lifetime'),
                    $this->app,
                ),
            ),
        );
        $events = $this->app->make(Dispatcher::class); // not the models, which few requests need
        $events->listen('eloquent.updated: '.Booking::class, [TellTimeOpened::class, 'handle']);
        // all of the book is dated by one clock, however far a demonstration's was put
        foreach ([Sale::class, Payment::class, Refund::class] as $dated) {
            $events->listen("eloquent.creating: {$dated}", static function (Sale|Payment|Refund $row): void {
                $row->created_at ??= app(Clock::class)->now();
            });
        }
        $this->callAfterResolving(
            'validator',
            static fn (ValidationFactory $validation) => $validation->resolver(
                static fn (...$given): TypedText => new TypedText(...$given),
            ),
        );
        $this->callAfterResolving('view', static fn (ViewFactory $views) => $views->composer('*', ReadersPage::class));
    }
}
