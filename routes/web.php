<?php

declare(strict_types=1);

use App\Accounts\Http\ForgotPassword;
use App\Accounts\Http\Me;
use App\Accounts\Http\ResendVerification;
use App\Accounts\Http\ResetPassword;
use App\Accounts\Http\SignIn;
use App\Accounts\Http\SignOut;
use App\Accounts\Http\SignUp;
use App\Accounts\Http\VerifyMail;
use App\Board\Http\CancelFromCard;
use App\Board\Http\ShowBoard;
use App\Board\Http\ShowCard;
use App\Board\Http\ShowVersion;
use App\Gate\Http\DownloadCalendar;
use App\Gate\Http\ShowBooking;
use App\Gate\Http\ShowGate;
use App\Offer\Http\StoreService;
use App\Roster\Http\BusinessFacts;
use App\Roster\Http\CreateBusiness;
use App\Roster\Http\Publish;
use App\Roster\Http\SaveMember;
use App\Roster\Http\SetOpeningHours;
use App\Roster\Http\ShowSetup;
use App\StandIns\Http\ClockPage;
use App\StandIns\Http\MailboxPage;
use App\StandIns\Http\ProcessorApi;
use App\StandIns\Http\ProcessorPage;
use Illuminate\Support\Facades\Route;

/* Pages */

Route::get('book/{slug}', ShowGate::class)->withoutMiddleware('web');
Route::get('b/{id}', ShowBooking::class)->withoutMiddleware('web');
Route::get('b/{id}/calendar', DownloadCalendar::class)->withoutMiddleware('web');
Route::get('verify/{id}', VerifyMail::class)->whereNumber('id')->name('verify');
Route::get('/{room?}', static fn () => view('workspace'))->where('room', '|sign-in|sign-up|forgot-password|new-password|start|at/.*')->name('workspace');

/* The workspace's API */

Route::prefix('api')->group(static function (): void {
    Route::get('me', Me::class);
    Route::post('sign-up', SignUp::class)->middleware('throttle:account');
    Route::post('sign-in', SignIn::class)->middleware('throttle:account');
    Route::post('sign-out', SignOut::class);
    Route::post('forgot-password', ForgotPassword::class)->middleware('throttle:account');
    Route::post('new-password', ResetPassword::class)->middleware('throttle:account');
    Route::post('verify/resend', ResendVerification::class)->middleware(['auth', 'throttle:account']);
    Route::post('businesses', CreateBusiness::class)->middleware('auth');
    Route::prefix('businesses/{business}')->middleware(['auth', 'business'])->group(static function (): void {
        Route::get('setup', ShowSetup::class);
        Route::put('facts', BusinessFacts::class);
        Route::put('opening-hours', SetOpeningHours::class);
        Route::post('staff', SaveMember::class);
        Route::put('staff/{id}', SaveMember::class);
        Route::post('services', StoreService::class);
        Route::put('services/{id}', StoreService::class);
        Route::put('published', Publish::class);
        Route::get('board', ShowBoard::class);
        Route::get('board/version', ShowVersion::class);
        Route::get('bookings/{id}', ShowCard::class);
        Route::post('bookings/{id}/cancel', CancelFromCard::class);
    });
});

/* Stand-ins: what is outside in real life, small and on this machine */

Route::prefix('stand-ins')->middleware('demonstration')->group(static function (): void {
    Route::redirect('/', '/stand-ins/mailbox');
    Route::get('mailbox', [MailboxPage::class, 'index']);
    Route::get('mailbox/{id}', [MailboxPage::class, 'show']);
    Route::get('mailbox/{id}/calendar', [MailboxPage::class, 'calendar']);
    Route::get('clock', [ClockPage::class, 'show']);
    Route::post('clock', [ClockPage::class, 'put']);
    Route::get('processor/pay/{id}', [ProcessorPage::class, 'show']);
    Route::post('processor/pay/{id}', [ProcessorPage::class, 'pay']);
    Route::withoutMiddleware('web')->group(static function (): void {
        Route::post('processor/checkouts', [ProcessorApi::class, 'open']);
        Route::get('processor/checkouts/{id}', [ProcessorApi::class, 'show']);
        Route::post('processor/checkouts/{id}/refunds', [ProcessorApi::class, 'refund']);
    });
});
