<?php

declare(strict_types=1);

namespace Tests\App\Http;

use Illuminate\Foundation\Vite;
use Illuminate\Support\Facades\File;
use ReflectionProperty;
use Tests\App\TestCase;

final class BuiltFilesTest extends TestCase
{
    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/moss-'.bin2hex(random_bytes(6));
        File::makeDirectory($this->folder.'/views', recursive: true);
        File::makeDirectory($this->folder.'/build');
        $this->app->usePublicPath($this->folder);
        config(['view.compiled' => $this->folder.'/views']);
    }

    protected function tearDown(): void
    {
        File::deleteDirectory($this->folder);
        parent::tearDown();
    }

    public function test_names_the_files_of_each_build_and_reads_its_list_once(): void
    {
        $this->build(['app.tsx' => ['file' => 'assets/one.js']]);
        self::assertStringEndsWith('/build/assets/one.js', $this->files()->asset('app.tsx'));
        self::assertCount(1, File::files($this->folder.'/views'));
        self::assertStringEndsWith('/build/assets/one.js', $this->files()->asset('app.tsx'));
        self::assertCount(1, File::files($this->folder.'/views'));

        $this->build(['app.tsx' => ['file' => 'assets/another.js']]);
        self::assertStringEndsWith('/build/assets/another.js', $this->files()->asset('app.tsx'));
    }

    public function test_names_them_also_where_nothing_can_be_kept(): void
    {
        config(['view.compiled' => $this->folder.'/nowhere']);
        $this->build(['app.tsx' => ['file' => 'assets/one.js']]);

        self::assertStringEndsWith('/build/assets/one.js', $this->files()->asset('app.tsx'));
    }

    /** @param  array<string, array{file: string}>  $files */
    private function build(array $files): void
    {
        File::put($this->folder.'/build/manifest.json', json_encode($files, JSON_THROW_ON_ERROR));
        clearstatcache();
    }

    /** As the next request has them. */
    private function files(): Vite
    {
        $this->app->forgetInstance(Vite::class);
        // A process of a server that ends with its request has nothing of what was before.
        (new ReflectionProperty(Vite::class, 'manifests'))->setValue(null, []);

        return $this->app->make(Vite::class);
    }
}
