<?php

declare(strict_types=1);

use App\Accounts\Http\Accept;
use App\Accounts\Http\FinishSignUp;
use App\Accounts\Http\ForgotPassword;
use App\Accounts\Http\Invite;
use App\Accounts\Http\Me;
use App\Accounts\Http\ResendVerification;
use App\Accounts\Http\ResetPassword;
use App\Accounts\Http\ShowInvitation;
use App\Accounts\Http\ShowWorkspace;
use App\Accounts\Http\SignIn;
use App\Accounts\Http\SignOut;
use App\Accounts\Http\SignUp;
use App\Accounts\Http\VerifyMail;
use App\Accounts\Http\WithdrawInvitation;
use App\Board\Http\AddNote;
use App\Board\Http\AddReminder;
use App\Board\Http\AnswerRequest;
use App\Board\Http\AskDeskRepeats;
use App\Board\Http\AskDeskTimes;
use App\Board\Http\AskDrawn;
use App\Board\Http\AskMoveTimes;
use App\Board\Http\AskOtherTimes;
use App\Board\Http\BookHere;
use App\Board\Http\CancelFromCard;
use App\Board\Http\DownloadAttachment;
use App\Board\Http\DropReminder;
use App\Board\Http\FinishReminder;
use App\Board\Http\Miss;
use App\Board\Http\Move;
use App\Board\Http\Price;
use App\Board\Http\Restore;
use App\Board\Http\SayProgress;
use App\Board\Http\SendSaleLetter;
use App\Board\Http\SendWord;
use App\Board\Http\ShowBoard;
use App\Board\Http\ShowCancelled;
use App\Board\Http\ShowCard;
use App\Board\Http\ShowOtherVisits;
use App\Board\Http\ShowReminders;
use App\Board\Http\ShowRibbon;
use App\Board\Http\ShowVersion;
use App\Board\Http\Suggest;
use App\Board\Http\TakeCode;
use App\Board\Http\TryMove;
use App\Board\Http\VoidLinks;
use App\Changes\Http\SaveChanges;
use App\Changes\Http\ShowThing;
use App\Changes\Http\UndoSaved;
use App\Clients\Http\FindClients;
use App\Clients\Http\PutRates;
use App\Gate\Http\DownloadCalendar;
use App\Gate\Http\OwnPaper;
use App\Gate\Http\Pay;
use App\Gate\Http\PlainBook;
use App\Gate\Http\PlainHold;
use App\Gate\Http\Renew;
use App\Gate\Http\ShowBooking;
use App\Gate\Http\ShowGate;
use App\Gate\Http\ShowOwnPage;
use App\Gate\Http\ShowPicture;
use App\Gate\Http\ShowRobots;
use App\Gate\Http\ShowSitemap;
use App\Gate\Http\TakeInstead;
use App\Ledger\Http\AddSaleLine;
use App\Ledger\Http\ChargeAgain;
use App\Ledger\Http\CloseToday;
use App\Ledger\Http\FindSales;
use App\Ledger\Http\GiveMoneyBack;
use App\Ledger\Http\GiveTipBack;
use App\Ledger\Http\Issue;
use App\Ledger\Http\LedgerFiles;
use App\Ledger\Http\LetDueOff;
use App\Ledger\Http\PayFile;
use App\Ledger\Http\PrintDocument;
use App\Ledger\Http\PrintReceipt;
use App\Ledger\Http\RefundAgain;
use App\Ledger\Http\SalesFile;
use App\Ledger\Http\SellHere;
use App\Ledger\Http\ShowDay;
use App\Ledger\Http\ShowFigures;
use App\Ledger\Http\ShowSale;
use App\Ledger\Http\TakeInvoiceBack;
use App\Ledger\Http\TakePayment;
use App\Ledger\Http\TaxFile;
use App\Ledger\Http\UndoPayment;
use App\Offer\Http\AskDraftQuote;
use App\Offer\Http\AskDraftTimes;
use App\Offer\Http\AskWhyNot;
use App\Roster\Http\CreateBusiness;
use App\Roster\Http\OpenMeetingRoom;
use App\Roster\Http\PreviewChanges;
use App\Roster\Http\Publish;
use App\Roster\Http\ShowPoolDay;
use App\Roster\Http\ShowSetup;
use App\Roster\Http\ShowTrades;
use App\Roster\Http\ShowYear;
use App\Roster\Http\StorePicture;
use App\Sessions\Http\AskSessionDates;
use App\Sessions\Http\CancelSession;
use App\Sessions\Http\ChangeSession;
use App\Sessions\Http\ScheduleSessions;
use App\Sessions\Http\ShowSession;
use App\Sessions\Http\ShowSessions;
use App\StandIns\Http\ClockPage;
use App\StandIns\Http\MailboxPage;
use App\StandIns\Http\MeetingApi;
use App\StandIns\Http\ProcessorApi;
use App\StandIns\Http\ProcessorPage;
use Illuminate\Support\Facades\Route;

/* Pages */

Route::get('book/{slug}', ShowGate::class)->withoutMiddleware('web');
Route::post('book/{slug}', PlainHold::class)->withoutMiddleware('web')->middleware('limit:gate');
Route::get('sitemap.xml', ShowSitemap::class)->withoutMiddleware('web');
Route::get('robots.txt', ShowRobots::class)->withoutMiddleware('web');
Route::get('b/{id}', ShowBooking::class)->withoutMiddleware('web');
Route::post('b/{id}/book', PlainBook::class)->withoutMiddleware('web')->middleware('limit:gate');
Route::get('b/{id}/pay', Pay::class)->withoutMiddleware('web');
Route::match(['get', 'post'], 'b/{id}/instead', TakeInstead::class)->withoutMiddleware('web');
Route::get('b/{id}/calendar', DownloadCalendar::class)->withoutMiddleware('web');
Route::post('b/{id}/renew', [Renew::class, 'booking'])->withoutMiddleware('web')->middleware('limit:gate');
Route::get('c/{id}', ShowOwnPage::class)->withoutMiddleware('web');
Route::get('c/{id}/documents/{document}', [OwnPaper::class, 'document'])->withoutMiddleware('web');
Route::get('c/{id}/receipts/{sale}', [OwnPaper::class, 'receipt'])->withoutMiddleware('web');
Route::post('c/{id}/renew', [Renew::class, 'ownPage'])->withoutMiddleware('web')->middleware('limit:gate');
Route::get('pictures/{id}', ShowPicture::class)->withoutMiddleware('web');
Route::get('verify/{id}', VerifyMail::class)->where('id', '[0-9]{1,18}')->name('verify');
Route::get('/{room?}', ShowWorkspace::class)
    ->where('room', '|sign-in|sign-up|sign-up/.*|forgot-password|new-password|start|invitation/.*|at/.*')
    ->name('workspace');

/* The workspace's API */

Route::prefix('api')->group(static function (): void {
    Route::get('me', Me::class);
    Route::post('sign-up', SignUp::class)->middleware('limit:account');
    Route::post('sign-up/{token}', FinishSignUp::class)->middleware('limit:account');
    Route::post('sign-in', SignIn::class);
    Route::post('sign-out', SignOut::class);
    Route::post('forgot-password', ForgotPassword::class)->middleware('limit:account');
    Route::post('new-password', ResetPassword::class)->middleware('limit:account');
    Route::post('verify/resend', ResendVerification::class)->middleware(['auth', 'limit:account']);
    Route::get('invitations/{token}', ShowInvitation::class)->middleware('limit:account');
    Route::post('invitations/{token}', Accept::class)->middleware('limit:account');
    Route::get('trades', ShowTrades::class)->middleware('auth');
    Route::post('businesses', CreateBusiness::class)->middleware('auth');
    Route::prefix('businesses/{business}')
        ->middleware(['auth', 'business'])
        ->group(static function (): void {
            Route::middleware('may:see-setup')->group(static function (): void {
                Route::get('setup', ShowSetup::class);
                Route::get('services/{service}/sessions', ShowSessions::class);
                Route::get('year/{year}', ShowYear::class)->where('year', '[0-9]{4}');
                Route::get('things/{kind}/{id}', ShowThing::class);
                Route::get('pools/{id}/day', ShowPoolDay::class);
                Route::post('drafts/preview', PreviewChanges::class);
                Route::post('drafts/times', AskDraftTimes::class);
                Route::post('drafts/why', AskWhyNot::class);
                Route::post('drafts', SaveChanges::class); // who may change which thing: ChangePolicy
                Route::post('changes/{id}/undo', UndoSaved::class);
            });
            Route::middleware('may:change-setup')->group(static function (): void {
                Route::post('drafts/quote', AskDraftQuote::class);
                Route::put('clients/{id}/rates', PutRates::class);
                Route::post('pictures', StorePicture::class);
                Route::post('meeting-rooms', OpenMeetingRoom::class);
            });
            Route::middleware('may:schedule-sessions')->group(static function (): void {
                Route::post('sessions', ScheduleSessions::class);
                Route::post('sessions/dates', AskSessionDates::class);
                Route::post('sessions/{id}/change', ChangeSession::class);
                Route::post('sessions/{id}/change/tried', [ChangeSession::class, 'tried']);
                Route::post('sessions/{id}/cancel', CancelSession::class);
                Route::post('sessions/{id}/cancel/tried', [CancelSession::class, 'tried']);
            });
            Route::middleware('may:manage-sign-ins')->group(static function (): void {
                Route::post('invitations', Invite::class);
                Route::delete('invitations/{id}', WithdrawInvitation::class);
            });
            Route::put('published', Publish::class)->middleware('may:publish');
            Route::middleware('may:see-own-day')->group(static function (): void {
                Route::get('board', ShowBoard::class);
                Route::get('board/ribbon', ShowRibbon::class);
                Route::get('board/cancelled', ShowCancelled::class);
                Route::get('board/version', ShowVersion::class);
                Route::post('board/drawn', AskDrawn::class);
                Route::get('reminders', ShowReminders::class);
                Route::post('reminders', AddReminder::class);
                Route::post('reminders/{id}', FinishReminder::class);
                Route::delete('reminders/{id}', DropReminder::class);
                Route::get('sessions/{id}', ShowSession::class);
                Route::get('bookings/{id}', ShowCard::class);
                Route::get('bookings/{id}/visits', ShowOtherVisits::class);
                Route::get('bookings/{id}/files/{file}', DownloadAttachment::class);
            });
            Route::middleware('may:see-sales')->group(static function (): void {
                Route::get('clients', FindClients::class);
                Route::get('sales', FindSales::class);
                Route::get('sales.csv', SalesFile::class);
                Route::get('sales/{id}', ShowSale::class);
                Route::get('sales/{id}/receipt', PrintReceipt::class);
                Route::get('documents/{id}', PrintDocument::class);
                Route::get('days/{day}', ShowDay::class);
            });
            Route::middleware('may:see-ledger')->group(static function (): void {
                Route::get('figures', ShowFigures::class);
                Route::get('tax.csv', TaxFile::class);
                Route::get('pay.csv', PayFile::class);
                Route::get('payments.csv', [LedgerFiles::class, 'payments']);
                Route::get('closes.csv', [LedgerFiles::class, 'closes']);
                Route::get('payouts.csv', [LedgerFiles::class, 'payouts']);
                Route::get('book.csv', [LedgerFiles::class, 'book']);
            });
            Route::middleware('may:take-money')->group(static function (): void {
                Route::post('sales', SellHere::class);
                Route::post('sales/{id}/payments', TakePayment::class);
                Route::post('sales/{id}/payments/{payment}/undo', UndoPayment::class);
                Route::post('sales/{id}/lines', AddSaleLine::class);
                Route::post('sales/{id}/let-off', LetDueOff::class);
                Route::post('sales/{id}/tips-back', GiveTipBack::class);
                Route::post('sales/{id}/refunds', GiveMoneyBack::class);
                Route::post('sales/{id}/refunds/{refund}', RefundAgain::class);
                Route::post('sales/{id}/charge', ChargeAgain::class);
                Route::post('sales/{id}/invoice', Issue::class);
                Route::post('sales/{id}/invoice/{document}/back', TakeInvoiceBack::class);
                Route::post('sales/{id}/letters', SendSaleLetter::class);
                Route::post('closes', CloseToday::class);
                Route::post('bookings/{id}/code', TakeCode::class);
                Route::post('bookings/{id}/price', Price::class);
            });
            Route::post('bookings/{id}/course', SayProgress::class)->middleware('may:mark-visits');
            Route::post('bookings/{id}/notes', AddNote::class)->middleware('may:mark-visits');
            Route::middleware('may:change-bookings')->group(static function (): void {
                Route::post('desk-times', AskDeskTimes::class);
                Route::post('desk-repeats', AskDeskRepeats::class);
                Route::post('bookings', BookHere::class);
                Route::post('bookings/{id}/cancel', CancelFromCard::class);
                Route::post('bookings/{id}/cancel/tried', [CancelFromCard::class, 'tried']);
                Route::post('bookings/{id}/missed', Miss::class);
                Route::post('bookings/{id}/missed/tried', [Miss::class, 'tried']);
                Route::post('bookings/{id}/restored', Restore::class);
                Route::post('bookings/{id}/restored/tried', [Restore::class, 'tried']);
                Route::post('bookings/{id}/answer', AnswerRequest::class);
                Route::post('bookings/{id}/times', AskOtherTimes::class);
                Route::post('bookings/{id}/suggest', Suggest::class);
                Route::post('bookings/{id}/move', Move::class);
                Route::post('bookings/{id}/move/tried', TryMove::class);
                Route::post('bookings/{id}/move/times', AskMoveTimes::class);
                Route::post('bookings/{id}/word', SendWord::class);
                Route::post('bookings/{id}/links/void', VoidLinks::class);
            });
        });
});

/* Stand-ins: what is outside in real life, small and on this machine */

Route::prefix('stand-ins')
    ->middleware('demonstration')
    ->group(static function (): void {
        Route::redirect('/', '/stand-ins/mailbox');
        Route::get('mailbox', [MailboxPage::class, 'index']);
        Route::get('mailbox/{id}', [MailboxPage::class, 'show']);
        Route::get('mailbox/{id}/calendar', [MailboxPage::class, 'calendar']);
        Route::get('clock', [ClockPage::class, 'show']);
        Route::post('clock', [ClockPage::class, 'put']);
        Route::get('meetings/{id}', [MeetingApi::class, 'show']);
        Route::get('processor', [ProcessorPage::class, 'index']);
        Route::post('processor/payouts', [ProcessorPage::class, 'payOut']);
        Route::post('processor/checkouts/{id}/dispute', [ProcessorPage::class, 'dispute']);
        Route::get('processor/pay/{id}', [ProcessorPage::class, 'show']);
        Route::post('processor/pay/{id}', [ProcessorPage::class, 'pay']);
        Route::withoutMiddleware('web')->group(static function (): void {
            Route::post('meetings', [MeetingApi::class, 'open']);
            Route::post('processor/checkouts', [ProcessorApi::class, 'open']);
            Route::get('processor/checkouts/{id}', [ProcessorApi::class, 'show']);
            Route::post('processor/checkouts/{id}/refunds', [ProcessorApi::class, 'refund']);
            Route::get('processor/checkouts/{id}/refunds/{key}', [ProcessorApi::class, 'refunded']);
            Route::post('processor/checkouts/{id}/charges', [ProcessorApi::class, 'charge']);
            Route::get('processor/payouts', [ProcessorApi::class, 'payouts']);
        });
    });
