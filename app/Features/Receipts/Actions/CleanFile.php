<?php

declare(strict_types=1);

namespace App\Features\Receipts\Actions;

use finfo;
use Illuminate\Support\Str;

/**
 * A file whose content has been looked at, whatever its name says: a picture, which is made anew, so that nothing of it is left but what
 * one sees; or a PDF that runs nothing and carries no other file.
 */
final readonly class CleanFile
{
    public const MOST_BYTES = 10 * 1_048_576;

    /** A small file can stand for a picture that does not fit in memory. */
    private const MOST_PIXELS = 40_000_000;

    /** On its longer side, in pixels; more than that nobody needs in order to read a receipt. */
    private const LONGEST_SIDE = 2200;

    private const QUALITY = 82;

    private const PICTURES = ['image/jpeg', 'image/png', 'image/webp', 'image/gif'];

    /** Names in a PDF that stand for scripts, programs, and other files within it. */
    private const ACTIVE = '/\/(JavaScript|JS|Launch|EmbeddedFiles?|RichMedia|XFA|GoToE|GoToR|SubmitForm|ImportData)\b/';

    private function __construct(public string $bytes, public string $mediaType)
    {
    }

    /** @throws ReceiptRefused */
    public static function of(string $bytes, string $name): self
    {
        $values = ['name' => Str::limit(basename($name), 60)];
        if ($bytes === '') {
            throw ReceiptRefused::because('empty', $values);
        }
        if (strlen($bytes) > self::MOST_BYTES) {
            throw ReceiptRefused::because('large', $values + ['most' => intdiv(self::MOST_BYTES, 1_048_576)]);
        }
        $type = (new finfo(FILEINFO_MIME_TYPE))->buffer($bytes);

        return match (true) {
            in_array($type, self::PICTURES, true) => self::picture($bytes, $type, $values),
            $type === 'application/pdf' && str_starts_with($bytes, '%PDF-') => self::pdf($bytes, $values),
            default => throw ReceiptRefused::because('type', $values),
        };
    }

    public function extension(): string
    {
        return $this->mediaType === 'application/pdf' ? 'pdf' : 'jpg';
    }

    /**
     * @param  array<string, string>  $values
     *
     * @throws ReceiptRefused
     */
    private static function picture(string $bytes, string $type, array $values): self
    {
        [$width, $height] = @getimagesizefromstring($bytes) ?: [0, 0];
        if ($width < 1 || $height < 1) {
            throw ReceiptRefused::because('broken', $values);
        }
        if ($width * $height > self::MOST_PIXELS) {
            throw ReceiptRefused::because('pixels', $values);
        }
        $picture = @imagecreatefromstring($bytes);
        if ($picture === false) {
            throw ReceiptRefused::because('broken', $values);
        }
        $angle = match ($type === 'image/jpeg' ? self::orientation($bytes) : 1) {
            3 => 180,
            6 => -90,
            8 => 90,
            default => 0,
        };
        $upright = $angle === 0 ? $picture : imagerotate($picture, $angle, 0);
        $upright = $upright === false ? $picture : $upright;
        $scale = max(imagesx($upright), imagesy($upright));
        [$toWidth, $toHeight] = $scale <= self::LONGEST_SIDE
            ? [imagesx($upright), imagesy($upright)]
            : [max(1, intdiv(imagesx($upright) * self::LONGEST_SIDE, $scale)), max(1, intdiv(imagesy($upright) * self::LONGEST_SIDE, $scale))];
        $paper = imagecreatetruecolor($toWidth, $toHeight);
        if ($paper === false) {
            throw ReceiptRefused::because('broken', $values);
        }
        // What is transparent would turn black.
        imagefill($paper, 0, 0, (int) imagecolorallocate($paper, 255, 255, 255));
        imagecopyresampled($paper, $upright, 0, 0, 0, 0, $toWidth, $toHeight, imagesx($upright), imagesy($upright));
        ob_start();
        imagejpeg($paper, null, self::QUALITY);

        return new self((string) ob_get_clean(), 'image/jpeg');
    }

    /** How a camera was held, 1 to 8; 1 where it does not say. */
    private static function orientation(string $bytes): int
    {
        if (! function_exists('exif_read_data')) {
            return 1;
        }
        $stream = fopen('php://memory', 'w+b');
        if ($stream === false) {
            return 1;
        }
        fwrite($stream, $bytes);
        rewind($stream);
        $said = @exif_read_data($stream);
        fclose($stream);

        return is_array($said) && is_int($said['Orientation'] ?? null) ? $said['Orientation'] : 1;
    }

    /**
     * @param  array<string, string>  $values
     *
     * @throws ReceiptRefused
     */
    private static function pdf(string $bytes, array $values): self
    {
        if (! str_contains(substr($bytes, -2048), '%%EOF')) {
            throw ReceiptRefused::because('broken', $values);
        }
        // A name may be written with codes for its letters.
        $plain = preg_replace_callback('/#([0-9a-fA-F]{2})/', static fn (array $code): string => chr((int) hexdec($code[1])), $bytes) ?? $bytes;
        if (preg_match(self::ACTIVE, $plain) === 1) {
            throw ReceiptRefused::because('active', $values);
        }
        if (preg_match('/\/Encrypt\b/', $plain) === 1) {
            throw ReceiptRefused::because('locked', $values);
        }

        return new self($bytes, 'application/pdf');
    }
}
