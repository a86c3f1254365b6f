/** Where a weather file was made for, and its clock. */
export type WeatherPlace = {
  readonly name: string;
  readonly latitudeDeg: number;
  readonly longitudeDeg: number;
  /** Local standard time ahead of UTC, h. */ readonly utcOffsetH: number;
  readonly elevationM: number;
};

/** One hour of a weather year; null is missing. Light is the mean of the hour, W/m². */
export type WeatherHour = {
  /** The row's own date: months may come from several years. */
  readonly year: number;
  readonly month: number;
  readonly day: number;
  /** 1 to 24: the hour that ends then, in local standard time. */ readonly hour: number;
  readonly airTempC: number;
  readonly globalWm2: number | null;
  readonly beamWm2: number | null;
  readonly diffuseWm2: number | null;
};

export type WeatherYear = { readonly place: WeatherPlace; readonly hours: readonly WeatherHour[] };
