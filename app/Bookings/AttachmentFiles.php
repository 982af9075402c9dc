<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Models\Attachment;
use App\Models\Booking;
use finfo;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\ValidationException;

/** Files that come with bookings: kept beside the database under a name of our own, never shown in a browser, only saved from it. */
final readonly class AttachmentFiles
{
    public const LARGEST_KILOBYTES = 5120;

    private const MOST = 10;

    /** By what the bytes are, not by what the name says. */
    private const KINDS = ['application/pdf', 'image/jpeg', 'image/png', 'image/webp', 'image/gif', 'image/avif', 'image/heic', 'text/plain'];

    public function __construct(private string $folder)
    {
    }

    /** @throws ValidationException */
    public function take(Booking $booking, UploadedFile $file): Attachment
    {
        if (! in_array((new finfo(FILEINFO_MIME_TYPE))->file($file->getPathname()), self::KINDS, true)) {
            throw ValidationException::withMessages(['file' => 'Pictures, PDF and plain text can be sent.']);
        }
        if (Attachment::query()->where('business_id', $booking->business_id)->where('booking_id', $booking->id)->count() >= self::MOST) {
            throw ValidationException::withMessages(['file' => 'That is enough: at most '.self::MOST.' files go with a booking.']);
        }
        $attachment = Attachment::query()->create(['business_id' => $booking->business_id, 'booking_id' => $booking->id, 'name' => mb_substr(basename($file->getClientOriginalName()), 0, 120)]);
        $file->move(dirname($this->path($attachment)), basename($this->path($attachment)));

        return $attachment;
    }

    public function path(Attachment $attachment): string
    {
        return "{$this->folder}/{$attachment->business_id}/".strtolower($attachment->id);
    }
}
