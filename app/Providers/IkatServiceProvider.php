<?php

declare(strict_types=1);

namespace App\Providers;

use App\Files\BroughtFile;
use App\Fonts\FontFiles;
use App\Fonts\FontTool;
use App\Fonts\KeepFont;
use App\Fonts\OwnFonts;
use App\Http\TypedRequest;
use App\Inspection\Inspector;
use App\Looks\DraftFiles;
use App\Looks\EveryLook;
use App\Looks\LookReader;
use App\Looks\ReleaseFiles;
use App\Looks\ThemeShelf;
use App\Looks\Trials;
use App\Models\CurrentStore;
use App\Models\Edit;
use App\Models\User;
use App\Pictures\IconMaker;
use App\Pictures\IconShelf;
use App\Pictures\LibraryChanged;
use App\Pictures\Originals;
use App\Pictures\PictureFiles;
use App\Pictures\PictureIntake;
use App\Pictures\PictureShelf;
use App\Storefront\DraftShop;
use App\Storefront\PageCache;
use App\Storeroom\EditProgress;
use App\Storeroom\GatherWords;
use App\Storeroom\StoreReader;
use App\Storeroom\TouchedColumns;
use App\Workbench\Shell\HeldSections;
use App\Workbench\Shell\Steps;
use App\Workbench\StepList;
use Ikat\Core\Setting\Catalog\StorefrontCatalog;
use Ikat\Core\Store\RecordKinds;
use Ikat\Core\Type\FontSet;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Middleware\TrustProxies;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Blade;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\ServiceProvider;

final class IkatServiceProvider extends ServiceProvider
{
    private const ID = '[1-9][0-9]{0,14}';
    private const SLUG = '[a-z0-9]+(?:-[a-z0-9]+)*';

    public function register(): void
    {
        $this->app->scoped(CurrentStore::class);
        $this->app->scoped(
            ThemeShelf::class,
            fn(): ThemeShelf => new ThemeShelf((string) config('ikat.themes'), $this->app->make(CurrentStore::class)),
        );
        $this->app->singleton(FontFiles::class, static fn(): FontFiles => new FontFiles(
            base_path('build/fonts'),
            storage_path('own-fonts'),
        ));
        $this->app->scoped(OwnFonts::class, static fn(): OwnFonts => new OwnFonts('/'.config('ikat.files').'/fonts'));
        $this->app->singleton(FontTool::class, static fn(): FontTool => new FontTool(base_path()));
        $this->app->bind(KeepFont::class, fn(): KeepFont => new KeepFont(
            $this->app->make(FontTool::class),
            $this->app->make(OwnFonts::class),
            $this->app->make(CurrentStore::class),
            storage_path('own-fonts'),
            public_path(config('ikat.files').'/fonts'),
        ));
        $this->app->singleton(StorefrontCatalog::class, fn(): StorefrontCatalog => new StorefrontCatalog(
            fonts: fn(): FontSet => $this->app->make(OwnFonts::class)->set(),
        ));
        $this->app->scoped(Steps::class, fn(): Steps => new Steps(array_map($this->app->make(...), StepList::ALL)));
        $this->app->scoped(Trials::class);
        $this->app->scoped(PictureShelf::class);
        $this->app->scoped(LookReader::class);
        $this->app->scoped(Inspector::class);
        $this->app->scoped(StoreReader::class);
        $this->app->scoped(EditProgress::class);
        $this->app->scoped(EveryLook::class);
        $this->app->scoped(DraftShop::class);
        $this->app->scoped(
            HeldSections::class,
            static fn($app): HeldSections => HeldSections::in(TypedRequest::createFrom($app['request'])),
        );
        $this->app->singleton(
            PictureIntake::class,
            static fn(): PictureIntake => new PictureIntake(
                public_path(config('ikat.files').'/pictures'),
                '/'.config('ikat.files').'/pictures',
                self::originals(),
            ),
        );
        $this->app->scoped(BroughtFile::class, fn(): BroughtFile => new BroughtFile(
            public_path(config('ikat.files').'/pictures'),
            '/'.config('ikat.files').'/pictures',
            $this->app->make(CurrentStore::class),
        ));
        $this->app->singleton(
            PictureFiles::class,
            static fn($app): PictureFiles => new PictureFiles(public_path(), $app->make(Repository::class)),
        );
        $this->app->singleton(Originals::class, static fn(): Originals => self::originals());
        $this->app->singleton(IconMaker::class, static fn(): IconMaker => new IconMaker(self::originals(), public_path()));
        $this->app->scoped(
            IconShelf::class,
            fn(): IconShelf => new IconShelf(
                storage_path('icon-specs'),
                public_path(config('ikat.files').'/icons'),
                '/'.config('ikat.files').'/icons',
                $this->app->make(IconMaker::class),
            ),
        );
        $this->app->singleton(PageCache::class, static fn(): PageCache => new PageCache(storage_path('pages')));
        $this->app->singleton(
            ReleaseFiles::class,
            static fn(): ReleaseFiles => new ReleaseFiles(public_path((string) config('ikat.files'))),
        );
        $this->app->singleton(DraftFiles::class, static fn(): DraftFiles => new DraftFiles(storage_path('draft-files')));
    }

    /** One account has one spelling: others neither sign in nor count for themselves. */
    private static function account(Request $request): string
    {
        $email = $request->input('email');

        return is_string($email) ? mb_strtolower(trim((string) \Normalizer::normalize($email, \Normalizer::FORM_KC))) : 'no text';
    }

    private static function originals(): Originals
    {
        return new Originals(storage_path('originals'), public_path());
    }

    public function boot(): void
    {
        Event::listen(LibraryChanged::class, static function (): void {
            app(TouchedColumns::class)->touchColumns(RecordKinds::PICTURES, [TouchedColumns::RECORDS]);
        });
        Edit::created(static fn(Edit $edit) => GatherWords::afterwards(app(CurrentStore::class)->id()));
        TrustProxies::at(config('ikat.proxies'));
        Model::shouldBeStrict(! $this->app->isProduction());
        Blade::anonymousComponentNamespace('shop', 'shop');
        // Whatever is no id or name is no address: nothing of the kind reaches a query.
        Route::patterns([
            'look' => self::ID, 'release' => self::ID, 'picture' => self::ID, 'mail' => self::ID, 'task' => self::ID, 'person' => self::ID,
            'font' => self::ID, 'file' => self::ID, 'record' => self::ID,
            'invitation' => self::ID, 'storefront' => self::SLUG, 'category' => self::SLUG, 'product' => self::SLUG, 'page' => self::SLUG,
            'token' => '[0-9a-f]{64}|sample', 'moment' => '[a-z0-9~-]{1,60}',
        ]);
        Gate::define('edit', static fn(User $user): bool => $user->role->edits());
        Gate::define('read-letters', static fn(User $user): bool => $user->role->readsLetters());
        Gate::define('tend-people', static fn(User $user): bool => $user->role->tendsPeople());
        Gate::define('publish', static fn(User $user): bool => $user->role->publishes());
        // By address and by account: neither one machine trying many accounts nor many machines trying one gets far.
        RateLimiter::for('sign-in', static fn(Request $request): array => [
            Limit::perMinute(5)->by('account|'.self::account($request)),
            Limit::perMinute(20)->by('address|'.$request->ip()),
        ]);
        RateLimiter::for('second-factor', static fn(Request $request): array => [
            Limit::perMinute(5)->by('factor|'.json_encode($request->hasSession() ? $request->session()->get('owes-second-factor') : null)),
            Limit::perMinute(20)->by("factor|{$request->ip()}"),
        ]);
        RateLimiter::for('access-letter', static fn(Request $request): array => [
            Limit::perHour(5)->by('letter|'.self::account($request)),
            Limit::perMinute(10)->by("letter|{$request->ip()}"),
        ]);
        RateLimiter::for('open-store', static fn(Request $request): Limit => Limit::perHour(10)->by("open|{$request->ip()}"));
        RateLimiter::for('access-link', static fn(Request $request): Limit => Limit::perMinute(30)->by("link|{$request->ip()}"));
        RateLimiter::for(
            'own',
            static fn(Request $request): Limit => Limit::perMinute(10)->by("own|{$request->user()?->getAuthIdentifier()}"),
        );
        // Each counts for itself: who signs up for letters can still pay.
        foreach (['shop-key' => 10, 'letters' => 20, 'account' => 10, 'paying' => 20, 'cart' => 120, 'code' => 20] as $what => $tries) {
            RateLimiter::for($what, static fn(Request $request): Limit => Limit::perMinute($tries)->by("$what|{$request->ip()}"));
        }
    }
}
