<?php

declare(strict_types=1);

namespace Uvret\App\Backup;

use Doctrine\DBAL\Connection;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\Filesystem\Filesystem;

/**
 * The whole shop as one ZIP file, written and brought back while it runs:
 *
 *     uvret-backup.json   the format's version, when it was made, and the SHA-256 of every other file
 *     shop.sqlite         the database, as it was at one moment
 *     fonts/…             the shop's own fonts and their list
 */
final readonly class ShopBackup
{
    private const FORMAT = 1;
    private const MANIFEST = 'uvret-backup.json';
    private const DATABASE = 'shop.sqlite';

    public function __construct(
        private Connection $connection,
        private Filesystem $files,
        #[Autowire('%env(resolve:UVRET_DATABASE)%')] private string $database,
        #[Autowire('%env(resolve:UVRET_FONTS)%')] private string $fonts,
        #[Autowire('%kernel.project_dir%/migrations')] private string $migrations,
    ) {
    }

    /** @throws BackupException if it can't be written */
    public function write(string $file): void
    {
        $folder = $this->temporary();
        try {
            // A snapshot, whoever writes meanwhile.
            $this->connection->executeStatement('VACUUM INTO ?', ["$folder/".self::DATABASE]);
            $parts = [self::DATABASE => "$folder/".self::DATABASE];
            foreach (\glob($this->fonts.'/*.{ttf,json}', \GLOB_BRACE) ?: [] as $font) {
                $parts['fonts/'.\basename($font)] = $font;
            }
            $zip = new \ZipArchive();
            $packed = "$folder/backup.zip";
            if (true !== $zip->open($packed, \ZipArchive::CREATE)) {
                throw BackupException::notWritten($file);
            }
            $sums = [];
            foreach ($parts as $name => $path) {
                $zip->addFile($path, $name);
                $sums[$name] = \hash_file('sha256', $path);
            }
            $zip->addFromString(
                self::MANIFEST,
                \json_encode(['format' => self::FORMAT, 'made' => \date(\DATE_ATOM), 'sha256' => $sums], \JSON_PRETTY_PRINT | \JSON_THROW_ON_ERROR)."\n",
            );
            if (!$zip->close() || !@\copy($packed, "$file.part") || !@\rename("$file.part", $file)) {
                @\unlink("$file.part");
                throw BackupException::notWritten($file);
            }
        } finally {
            $this->files->remove($folder);
        }
    }

    /** @throws BackupException if it is not a backup or is damaged; nothing is changed */
    public function restore(string $file): void
    {
        $folder = $this->temporary();
        try {
            $this->unpack($file, $folder);
            $this->check("$folder/".self::DATABASE);
            $this->files->mkdir("$folder/fonts");
            $this->bringBack($folder);
        } finally {
            $this->files->remove($folder);
        }
    }

    private function unpack(string $file, string $folder): void
    {
        $zip = new \ZipArchive();
        if (!\is_file($file) || true !== $zip->open($file, \ZipArchive::RDONLY)) {
            throw BackupException::noBackup($file);
        }
        $manifest = \json_decode((string) $zip->getFromName(self::MANIFEST), true);
        $sums = \is_array($manifest) ? $manifest['sha256'] ?? null : null;
        if (!\is_array($manifest) || !\is_array($sums) || !isset($sums[self::DATABASE])) {
            throw BackupException::noBackup($file);
        }
        if (self::FORMAT !== ($manifest['format'] ?? null)) {
            throw BackupException::newer();
        }
        foreach ($sums as $name => $sum) {
            $bytes = 1 === \preg_match('~^(shop\.sqlite|fonts/[a-z0-9][a-z0-9-]*\.(ttf|json))$~', (string) $name) ? $zip->getFromName((string) $name) : false;
            if (false === $bytes || \hash('sha256', $bytes) !== $sum) {
                throw BackupException::damaged((string) $name);
            }
            $this->files->dumpFile("$folder/$name", $bytes);
        }
        $zip->close();
    }

    /** Whether the database is intact and not from a later version. */
    private function check(string $database): void
    {
        try {
            $found = new \SQLite3($database, \SQLITE3_OPEN_READONLY);
            $found->enableExceptions(true);
            if ('ok' !== $found->querySingle('PRAGMA integrity_check')) {
                throw BackupException::damaged(self::DATABASE);
            }
            $versions = $found->query('SELECT version FROM doctrine_migration_versions');
            while ($versions instanceof \SQLite3Result && \is_array($row = $versions->fetchArray(\SQLITE3_NUM))) {
                $class = \is_string($row[0]) ? \substr((string) \strrchr($row[0], '\\'), 1) : '';
                if (!\is_file("$this->migrations/$class.php")) {
                    throw BackupException::newer();
                }
            }
            $found->close();
        } catch (\Exception $e) {
            throw $e instanceof BackupException ? $e : BackupException::damaged(self::DATABASE);
        }
    }

    private function bringBack(string $folder): void
    {
        $old = $this->fonts.'.'.\bin2hex(\random_bytes(4));
        try {
            if (\is_dir($this->fonts)) {
                $this->files->rename($this->fonts, $old);
            }
            $this->files->mirror("$folder/fonts", $this->fonts);
            $this->connection->close();
            $from = new \SQLite3("$folder/".self::DATABASE, \SQLITE3_OPEN_READONLY);
            $to = new \SQLite3($this->database);
            $to->busyTimeout(10_000);
            // Under SQLite's own locks: open pages see either the old or the new data.
            if (!$from->backup($to)) {
                throw BackupException::notBroughtBack('the database is in use.');
            }
        } catch (\Throwable $e) {
            $this->files->remove($this->fonts);
            if (\is_dir($old)) {
                $this->files->rename($old, $this->fonts);
            }
            throw $e instanceof BackupException ? $e : BackupException::notBroughtBack($e->getMessage());
        }
        $this->files->remove($old);
    }

    private function temporary(): string
    {
        $folder = \sys_get_temp_dir().'/uvret-backup-'.\bin2hex(\random_bytes(6));
        $this->files->mkdir($folder, 0o700);

        return $folder;
    }
}
