<?php

declare(strict_types=1);

use App\Gate\Http\AskMoveTimes;
use App\Gate\Http\AskOpenTimes;
use App\Gate\Http\AskOwnLink;
use App\Gate\Http\AskQuote;
use App\Gate\Http\AskWhatHelps;
use App\Gate\Http\Book;
use App\Gate\Http\Cancel;
use App\Gate\Http\ChangeDetailsByLink;
use App\Gate\Http\ChangePartyByLink;
use App\Gate\Http\Floor;
use App\Gate\Http\Hold;
use App\Gate\Http\MoveByLink;
use App\Gate\Http\NameCodes;
use App\Gate\Http\ProcessorNotice;
use App\Gate\Http\Prove;
use App\Gate\Http\SendFile;
use App\Gate\Http\ShowBooking;
use Illuminate\Support\Facades\Route;

/* What the booking page asks. No session and no cookie: a client is known by the seal of a link, or not at all. */

Route::get('floor', Floor::class);
Route::get('pages/{slug}/open-times', AskOpenTimes::class);
Route::get('pages/{slug}/helps', AskWhatHelps::class)->middleware('limit:gate');
Route::get('pages/{slug}/quote', AskQuote::class);
Route::get('pages/{slug}/code-quote', AskQuote::class)->middleware('limit:gate');
Route::post('pages/{slug}/own-link', AskOwnLink::class)->middleware('limit:gate');
Route::post('pages/{slug}/holds', Hold::class)->middleware('limit:gate');
Route::get('bookings/{id}', ShowBooking::class);
Route::post('bookings/{id}/files', SendFile::class)->middleware('limit:gate');
Route::post('bookings/{id}/codes', NameCodes::class)->middleware('limit:gate');
Route::post('bookings/{id}/book', Book::class)->middleware('limit:gate');
Route::post('bookings/{id}/prove', Prove::class)->middleware('limit:gate');
Route::get('bookings/{id}/move-times', AskMoveTimes::class);
Route::post('bookings/{id}/move', MoveByLink::class)->middleware('limit:gate');
Route::post('bookings/{id}/party', ChangePartyByLink::class)->middleware('limit:gate');
Route::post('bookings/{id}/party/tried', [ChangePartyByLink::class, 'tried'])->middleware('limit:gate');
Route::post('bookings/{id}/details', ChangeDetailsByLink::class)->middleware('limit:gate');
Route::post('bookings/{id}/cancel', Cancel::class)->middleware('limit:gate');
Route::post('bookings/{id}/cancel/tried', [Cancel::class, 'tried'])->middleware('limit:gate');
Route::post('processor-notices', ProcessorNotice::class);
