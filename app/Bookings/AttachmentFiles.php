<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Models\Attachment;
use App\Models\Booking;
use App\Support\Column;
use App\Support\Mutex;
use finfo;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\ValidationException;

/**
 * Files that come with bookings: kept beside the database under a name of our own, never shown in a browser, only saved
 * from it. They go when their booking comes to nothing (Upkeep\Sweep).
 */
final readonly class AttachmentFiles
{
    public const LARGEST_KILOBYTES = 5120;

    private const MOST = 10;

    /** Of one business, all together. */
    private const MOST_BYTES = 2_000_000_000;

    /** By what the bytes are, not by what the name says; each with the ending it gets. */
    private const KINDS = [
        'application/pdf' => 'pdf',
        'image/jpeg' => 'jpg',
        'image/png' => 'png',
        'image/webp' => 'webp',
        'image/gif' => 'gif',
        'image/avif' => 'avif',
        'image/heic' => 'heic',
        'text/plain' => 'txt',
    ];

    public function __construct(private ConnectionInterface $db, private Mutex $turn, private string $folder)
    {
    }

    /** @throws ValidationException */
    public function take(Booking $booking, UploadedFile $file): Attachment
    {
        $kind = (string) (new finfo(FILEINFO_MIME_TYPE))->file($file->getPathname());
        if (! isset(self::KINDS[$kind])) {
            throw ValidationException::withMessages(['file' => 'wrong.file.kind']);
        }
        $attachment = $this->db->transaction(function () use ($booking, $file, $kind): Attachment {
            // counted by one at a time
            $this->turn->take($booking->business_id, 'FILES');
            $this->makeRoom($booking, (int) $file->getSize());

            return Attachment::query()->create([
                'business_id' => $booking->business_id,
                'booking_id' => $booking->id,
                'name' => self::named($file, self::KINDS[$kind]),
                'bytes' => (int) $file->getSize(),
                'kind' => $kind,
            ]);
        }, attempts: 3);
        try {
            $file->move(dirname($this->path($attachment)), basename($this->path($attachment)));
        } catch (\Symfony\Component\HttpFoundation\File\Exception\FileException) {
            $attachment->delete();
            throw ValidationException::withMessages([
                'file' => 'wrong.file.not_kept',
            ]);
        }

        return $attachment;
    }

    public function path(Attachment $attachment): string
    {
        return "{$this->folder}/{$attachment->business_id}/".strtolower($attachment->id);
    }

    public function remove(Attachment $attachment): void
    {
        @unlink($this->path($attachment));
        $attachment->delete();
    }

    /** @throws ValidationException */
    private function makeRoom(Booking $booking, int $bytes): void
    {
        $all = Attachment::query()->where('business_id', $booking->business_id);
        if ((clone $all)->where('booking_id', $booking->id)->count() >= self::MOST) {
            throw ValidationException::withMessages([
                'file' => 'wrong.file.count?most='.self::MOST,
            ]);
        }
        if (array_sum(array_map(intval(...), Column::strings($all->pluck('bytes')))) + $bytes > self::MOST_BYTES) {
            throw ValidationException::withMessages([
                'file' => 'wrong.file.no_room',
            ]);
        }
    }

    /** What it was called where it came from, with the ending of what it is. */
    private static function named(UploadedFile $file, string $ending): string
    {
        $name = pathinfo(mb_scrub($file->getClientOriginalName()), PATHINFO_FILENAME);
        $plain = trim((string) preg_replace('/[\p{C}\/\\\\:*?<>|]+/u', '_', $name), ' .');

        return mb_substr($plain === '' ? 'file' : $plain, 0, 110).".{$ending}";
    }
}
