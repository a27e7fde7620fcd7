<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Foundation\Vite;
use Illuminate\Support\Facades\File;

/**
 * Which files the interface was built to. Every page looks into that list, which is long: as PHP it stays in the server's memory,
 * where JSON would be read anew.
 */
final class BuiltFiles extends Vite
{
    /**
     * @param  string  $buildDirectory
     * @return array<array-key, mixed>
     */
    protected function manifest($buildDirectory): array
    {
        $path = $this->manifestPath($buildDirectory);
        if (! isset(self::$manifests[$path]) && is_file($path)) {
            // Another build is another file, so that none is ever out of date.
            $known = sprintf('%s/built-%s.php', config()->string('view.compiled'), hash('xxh128', $path.' '.filemtime($path).' '.filesize($path)));
            if (! is_file($known) && is_writable(dirname($known))) {
                File::replace($known, '<?php return '.var_export(json_decode(File::get($path), true, 8, JSON_THROW_ON_ERROR), true).';');
            }
            if (is_file($known)) {
                self::$manifests[$path] = require $known;
            }
        }

        return parent::manifest($buildDirectory);
    }
}
