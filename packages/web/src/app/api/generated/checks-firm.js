var __getOwnPropNames = Object.getOwnPropertyNames;
var __commonJS = (cb, mod) => function() {
  try {
    return mod || (0, cb[__getOwnPropNames(cb)[0]])((mod = { exports: {} }).exports, mod), mod.exports;
  } catch (e) {
    throw mod = 0, e;
  }
};

// packages/contracts/node_modules/ajv/dist/runtime/ucs2length.js
var require_ucs2length = __commonJS({
  "packages/contracts/node_modules/ajv/dist/runtime/ucs2length.js"(exports) {
    "use strict";
    Object.defineProperty(exports, "__esModule", { value: !0 });
    function ucs2length(str) {
      let len = str.length, length = 0, pos = 0, value;
      for (; pos < len; )
        length++, value = str.charCodeAt(pos++), value >= 55296 && value <= 56319 && pos < len && (value = str.charCodeAt(pos), (value & 64512) === 56320 && pos++);
      return length;
    }
    exports.default = ucs2length;
    ucs2length.code = 'require("ajv/dist/runtime/ucs2length").default';
  }
});

// <stdin>
var changeFirm = validate20, schema31 = { type: "object", required: ["name", "address", "taxId", "email", "paymentDetails", "opening", "closing", "invoicePrefix", "creditPrefix", "nextInvoice", "forms"], properties: { name: { type: "string", minLength: 1, maxLength: 100, pattern: "\\S" }, address: { type: "array", items: { type: "string", maxLength: 200 }, maxItems: 6 }, taxId: { type: "string", maxLength: 60 }, email: { type: "string", maxLength: 200, pattern: "^([^\\s@]+@[^\\s@]+)?$" }, paymentDetails: { type: "string", maxLength: 500 }, opening: { type: "string", maxLength: 1e3 }, closing: { type: "string", maxLength: 1e3 }, invoicePrefix: { type: "string", maxLength: 12 }, creditPrefix: { type: "string", maxLength: 12 }, nextInvoice: { type: "integer", minimum: 1, maximum: 9999999 }, forms: { type: "object", required: ["dates", "clock", "numbers"], properties: { dates: { anyOf: [{ type: "string", enum: ["day first", "month first", "year first"] }, { type: "null" }] }, clock: { anyOf: [{ type: "string", enum: ["24 hours", "12 hours"] }, { type: "null" }] }, numbers: { anyOf: [{ type: "string", enum: ["comma point", "point comma", "space comma", "apostrophe point"] }, { type: "null" }] } }, additionalProperties: !1 } }, additionalProperties: !1 }, func1 = Object.prototype.hasOwnProperty, func2 = require_ucs2length().default, pattern4 = new RegExp("\\S", "u"), pattern5 = new RegExp("^([^\\s@]+@[^\\s@]+)?$", "u");
function validate20(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate20.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.name === void 0 && (missing0 = "name") || data.address === void 0 && (missing0 = "address") || data.taxId === void 0 && (missing0 = "taxId") || data.email === void 0 && (missing0 = "email") || data.paymentDetails === void 0 && (missing0 = "paymentDetails") || data.opening === void 0 && (missing0 = "opening") || data.closing === void 0 && (missing0 = "closing") || data.invoicePrefix === void 0 && (missing0 = "invoicePrefix") || data.creditPrefix === void 0 && (missing0 = "creditPrefix") || data.nextInvoice === void 0 && (missing0 = "nextInvoice") || data.forms === void 0 && (missing0 = "forms"))
        return validate20.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!func1.call(schema31.properties, key0)) {
            return validate20.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.name !== void 0) {
            let data0 = data.name, _errs2 = errors;
            if (errors === _errs2)
              if (typeof data0 == "string") {
                if (func2(data0) > 100)
                  return validate20.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/maxLength", keyword: "maxLength", params: { limit: 100 }, message: "must NOT have more than 100 characters" }], !1;
                if (func2(data0) < 1)
                  return validate20.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                if (!pattern4.test(data0))
                  return validate20.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
              } else
                return validate20.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0) {
            if (data.address !== void 0) {
              let data1 = data.address, _errs4 = errors;
              if (errors === _errs4)
                if (Array.isArray(data1)) {
                  if (data1.length > 6)
                    return validate20.errors = [{ instancePath: instancePath + "/address", schemaPath: "#/properties/address/maxItems", keyword: "maxItems", params: { limit: 6 }, message: "must NOT have more than 6 items" }], !1;
                  {
                    var valid1 = !0;
                    let len0 = data1.length;
                    for (let i0 = 0; i0 < len0; i0++) {
                      let data2 = data1[i0], _errs6 = errors;
                      if (errors === _errs6)
                        if (typeof data2 == "string") {
                          if (func2(data2) > 200)
                            return validate20.errors = [{ instancePath: instancePath + "/address/" + i0, schemaPath: "#/properties/address/items/maxLength", keyword: "maxLength", params: { limit: 200 }, message: "must NOT have more than 200 characters" }], !1;
                        } else
                          return validate20.errors = [{ instancePath: instancePath + "/address/" + i0, schemaPath: "#/properties/address/items/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                      var valid1 = _errs6 === errors;
                      if (!valid1)
                        break;
                    }
                  }
                } else
                  return validate20.errors = [{ instancePath: instancePath + "/address", schemaPath: "#/properties/address/type", keyword: "type", params: { type: "array" }, message: "must be array" }], !1;
              var valid0 = _errs4 === errors;
            } else
              var valid0 = !0;
            if (valid0) {
              if (data.taxId !== void 0) {
                let data3 = data.taxId, _errs8 = errors;
                if (errors === _errs8)
                  if (typeof data3 == "string") {
                    if (func2(data3) > 60)
                      return validate20.errors = [{ instancePath: instancePath + "/taxId", schemaPath: "#/properties/taxId/maxLength", keyword: "maxLength", params: { limit: 60 }, message: "must NOT have more than 60 characters" }], !1;
                  } else
                    return validate20.errors = [{ instancePath: instancePath + "/taxId", schemaPath: "#/properties/taxId/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                var valid0 = _errs8 === errors;
              } else
                var valid0 = !0;
              if (valid0) {
                if (data.email !== void 0) {
                  let data4 = data.email, _errs10 = errors;
                  if (errors === _errs10)
                    if (typeof data4 == "string") {
                      if (func2(data4) > 200)
                        return validate20.errors = [{ instancePath: instancePath + "/email", schemaPath: "#/properties/email/maxLength", keyword: "maxLength", params: { limit: 200 }, message: "must NOT have more than 200 characters" }], !1;
                      if (!pattern5.test(data4))
                        return validate20.errors = [{ instancePath: instancePath + "/email", schemaPath: "#/properties/email/pattern", keyword: "pattern", params: { pattern: "^([^\\s@]+@[^\\s@]+)?$" }, message: 'must match pattern "^([^\\s@]+@[^\\s@]+)?$"' }], !1;
                    } else
                      return validate20.errors = [{ instancePath: instancePath + "/email", schemaPath: "#/properties/email/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                  var valid0 = _errs10 === errors;
                } else
                  var valid0 = !0;
                if (valid0) {
                  if (data.paymentDetails !== void 0) {
                    let data5 = data.paymentDetails, _errs12 = errors;
                    if (errors === _errs12)
                      if (typeof data5 == "string") {
                        if (func2(data5) > 500)
                          return validate20.errors = [{ instancePath: instancePath + "/paymentDetails", schemaPath: "#/properties/paymentDetails/maxLength", keyword: "maxLength", params: { limit: 500 }, message: "must NOT have more than 500 characters" }], !1;
                      } else
                        return validate20.errors = [{ instancePath: instancePath + "/paymentDetails", schemaPath: "#/properties/paymentDetails/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                    var valid0 = _errs12 === errors;
                  } else
                    var valid0 = !0;
                  if (valid0) {
                    if (data.opening !== void 0) {
                      let data6 = data.opening, _errs14 = errors;
                      if (errors === _errs14)
                        if (typeof data6 == "string") {
                          if (func2(data6) > 1e3)
                            return validate20.errors = [{ instancePath: instancePath + "/opening", schemaPath: "#/properties/opening/maxLength", keyword: "maxLength", params: { limit: 1e3 }, message: "must NOT have more than 1000 characters" }], !1;
                        } else
                          return validate20.errors = [{ instancePath: instancePath + "/opening", schemaPath: "#/properties/opening/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                      var valid0 = _errs14 === errors;
                    } else
                      var valid0 = !0;
                    if (valid0) {
                      if (data.closing !== void 0) {
                        let data7 = data.closing, _errs16 = errors;
                        if (errors === _errs16)
                          if (typeof data7 == "string") {
                            if (func2(data7) > 1e3)
                              return validate20.errors = [{ instancePath: instancePath + "/closing", schemaPath: "#/properties/closing/maxLength", keyword: "maxLength", params: { limit: 1e3 }, message: "must NOT have more than 1000 characters" }], !1;
                          } else
                            return validate20.errors = [{ instancePath: instancePath + "/closing", schemaPath: "#/properties/closing/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                        var valid0 = _errs16 === errors;
                      } else
                        var valid0 = !0;
                      if (valid0) {
                        if (data.invoicePrefix !== void 0) {
                          let data8 = data.invoicePrefix, _errs18 = errors;
                          if (errors === _errs18)
                            if (typeof data8 == "string") {
                              if (func2(data8) > 12)
                                return validate20.errors = [{ instancePath: instancePath + "/invoicePrefix", schemaPath: "#/properties/invoicePrefix/maxLength", keyword: "maxLength", params: { limit: 12 }, message: "must NOT have more than 12 characters" }], !1;
                            } else
                              return validate20.errors = [{ instancePath: instancePath + "/invoicePrefix", schemaPath: "#/properties/invoicePrefix/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                          var valid0 = _errs18 === errors;
                        } else
                          var valid0 = !0;
                        if (valid0) {
                          if (data.creditPrefix !== void 0) {
                            let data9 = data.creditPrefix, _errs20 = errors;
                            if (errors === _errs20)
                              if (typeof data9 == "string") {
                                if (func2(data9) > 12)
                                  return validate20.errors = [{ instancePath: instancePath + "/creditPrefix", schemaPath: "#/properties/creditPrefix/maxLength", keyword: "maxLength", params: { limit: 12 }, message: "must NOT have more than 12 characters" }], !1;
                              } else
                                return validate20.errors = [{ instancePath: instancePath + "/creditPrefix", schemaPath: "#/properties/creditPrefix/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                            var valid0 = _errs20 === errors;
                          } else
                            var valid0 = !0;
                          if (valid0) {
                            if (data.nextInvoice !== void 0) {
                              let data10 = data.nextInvoice, _errs22 = errors;
                              if (!(typeof data10 == "number" && !(data10 % 1) && !isNaN(data10) && isFinite(data10)))
                                return validate20.errors = [{ instancePath: instancePath + "/nextInvoice", schemaPath: "#/properties/nextInvoice/type", keyword: "type", params: { type: "integer" }, message: "must be integer" }], !1;
                              if (errors === _errs22 && typeof data10 == "number" && isFinite(data10)) {
                                if (data10 > 9999999 || isNaN(data10))
                                  return validate20.errors = [{ instancePath: instancePath + "/nextInvoice", schemaPath: "#/properties/nextInvoice/maximum", keyword: "maximum", params: { comparison: "<=", limit: 9999999 }, message: "must be <= 9999999" }], !1;
                                if (data10 < 1 || isNaN(data10))
                                  return validate20.errors = [{ instancePath: instancePath + "/nextInvoice", schemaPath: "#/properties/nextInvoice/minimum", keyword: "minimum", params: { comparison: ">=", limit: 1 }, message: "must be >= 1" }], !1;
                              }
                              var valid0 = _errs22 === errors;
                            } else
                              var valid0 = !0;
                            if (valid0)
                              if (data.forms !== void 0) {
                                let data11 = data.forms, _errs24 = errors;
                                if (errors === _errs24)
                                  if (data11 && typeof data11 == "object" && !Array.isArray(data11)) {
                                    let missing1;
                                    if (data11.dates === void 0 && (missing1 = "dates") || data11.clock === void 0 && (missing1 = "clock") || data11.numbers === void 0 && (missing1 = "numbers"))
                                      return validate20.errors = [{ instancePath: instancePath + "/forms", schemaPath: "#/properties/forms/required", keyword: "required", params: { missingProperty: missing1 }, message: "must have required property '" + missing1 + "'" }], !1;
                                    {
                                      let _errs26 = errors;
                                      for (let key1 in data11)
                                        if (!(key1 === "dates" || key1 === "clock" || key1 === "numbers")) {
                                          return validate20.errors = [{ instancePath: instancePath + "/forms", schemaPath: "#/properties/forms/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key1 }, message: "must NOT have additional properties" }], !1;
                                          break;
                                        }
                                      if (_errs26 === errors) {
                                        if (data11.dates !== void 0) {
                                          let data12 = data11.dates, _errs27 = errors, _errs28 = errors, valid3 = !1, _errs29 = errors;
                                          if (typeof data12 != "string") {
                                            let err0 = { instancePath: instancePath + "/forms/dates", schemaPath: "#/properties/forms/properties/dates/anyOf/0/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                                            vErrors === null ? vErrors = [err0] : vErrors.push(err0), errors++;
                                          }
                                          if (!(data12 === "day first" || data12 === "month first" || data12 === "year first")) {
                                            let err1 = { instancePath: instancePath + "/forms/dates", schemaPath: "#/properties/forms/properties/dates/anyOf/0/enum", keyword: "enum", params: { allowedValues: schema31.properties.forms.properties.dates.anyOf[0].enum }, message: "must be equal to one of the allowed values" };
                                            vErrors === null ? vErrors = [err1] : vErrors.push(err1), errors++;
                                          }
                                          var _valid0 = _errs29 === errors;
                                          valid3 = valid3 || _valid0;
                                          let _errs31 = errors;
                                          if (data12 !== null) {
                                            let err2 = { instancePath: instancePath + "/forms/dates", schemaPath: "#/properties/forms/properties/dates/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
                                            vErrors === null ? vErrors = [err2] : vErrors.push(err2), errors++;
                                          }
                                          var _valid0 = _errs31 === errors;
                                          if (valid3 = valid3 || _valid0, valid3)
                                            errors = _errs28, vErrors !== null && (_errs28 ? vErrors.length = _errs28 : vErrors = null);
                                          else {
                                            let err3 = { instancePath: instancePath + "/forms/dates", schemaPath: "#/properties/forms/properties/dates/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                                            return vErrors === null ? vErrors = [err3] : vErrors.push(err3), errors++, validate20.errors = vErrors, !1;
                                          }
                                          var valid2 = _errs27 === errors;
                                        } else
                                          var valid2 = !0;
                                        if (valid2) {
                                          if (data11.clock !== void 0) {
                                            let data13 = data11.clock, _errs33 = errors, _errs34 = errors, valid4 = !1, _errs35 = errors;
                                            if (typeof data13 != "string") {
                                              let err4 = { instancePath: instancePath + "/forms/clock", schemaPath: "#/properties/forms/properties/clock/anyOf/0/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                                              vErrors === null ? vErrors = [err4] : vErrors.push(err4), errors++;
                                            }
                                            if (!(data13 === "24 hours" || data13 === "12 hours")) {
                                              let err5 = { instancePath: instancePath + "/forms/clock", schemaPath: "#/properties/forms/properties/clock/anyOf/0/enum", keyword: "enum", params: { allowedValues: schema31.properties.forms.properties.clock.anyOf[0].enum }, message: "must be equal to one of the allowed values" };
                                              vErrors === null ? vErrors = [err5] : vErrors.push(err5), errors++;
                                            }
                                            var _valid1 = _errs35 === errors;
                                            valid4 = valid4 || _valid1;
                                            let _errs37 = errors;
                                            if (data13 !== null) {
                                              let err6 = { instancePath: instancePath + "/forms/clock", schemaPath: "#/properties/forms/properties/clock/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
                                              vErrors === null ? vErrors = [err6] : vErrors.push(err6), errors++;
                                            }
                                            var _valid1 = _errs37 === errors;
                                            if (valid4 = valid4 || _valid1, valid4)
                                              errors = _errs34, vErrors !== null && (_errs34 ? vErrors.length = _errs34 : vErrors = null);
                                            else {
                                              let err7 = { instancePath: instancePath + "/forms/clock", schemaPath: "#/properties/forms/properties/clock/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                                              return vErrors === null ? vErrors = [err7] : vErrors.push(err7), errors++, validate20.errors = vErrors, !1;
                                            }
                                            var valid2 = _errs33 === errors;
                                          } else
                                            var valid2 = !0;
                                          if (valid2)
                                            if (data11.numbers !== void 0) {
                                              let data14 = data11.numbers, _errs39 = errors, _errs40 = errors, valid5 = !1, _errs41 = errors;
                                              if (typeof data14 != "string") {
                                                let err8 = { instancePath: instancePath + "/forms/numbers", schemaPath: "#/properties/forms/properties/numbers/anyOf/0/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                                                vErrors === null ? vErrors = [err8] : vErrors.push(err8), errors++;
                                              }
                                              if (!(data14 === "comma point" || data14 === "point comma" || data14 === "space comma" || data14 === "apostrophe point")) {
                                                let err9 = { instancePath: instancePath + "/forms/numbers", schemaPath: "#/properties/forms/properties/numbers/anyOf/0/enum", keyword: "enum", params: { allowedValues: schema31.properties.forms.properties.numbers.anyOf[0].enum }, message: "must be equal to one of the allowed values" };
                                                vErrors === null ? vErrors = [err9] : vErrors.push(err9), errors++;
                                              }
                                              var _valid2 = _errs41 === errors;
                                              valid5 = valid5 || _valid2;
                                              let _errs43 = errors;
                                              if (data14 !== null) {
                                                let err10 = { instancePath: instancePath + "/forms/numbers", schemaPath: "#/properties/forms/properties/numbers/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
                                                vErrors === null ? vErrors = [err10] : vErrors.push(err10), errors++;
                                              }
                                              var _valid2 = _errs43 === errors;
                                              if (valid5 = valid5 || _valid2, valid5)
                                                errors = _errs40, vErrors !== null && (_errs40 ? vErrors.length = _errs40 : vErrors = null);
                                              else {
                                                let err11 = { instancePath: instancePath + "/forms/numbers", schemaPath: "#/properties/forms/properties/numbers/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                                                return vErrors === null ? vErrors = [err11] : vErrors.push(err11), errors++, validate20.errors = vErrors, !1;
                                              }
                                              var valid2 = _errs39 === errors;
                                            } else
                                              var valid2 = !0;
                                        }
                                      }
                                    }
                                  } else
                                    return validate20.errors = [{ instancePath: instancePath + "/forms", schemaPath: "#/properties/forms/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
                                var valid0 = _errs24 === errors;
                              } else
                                var valid0 = !0;
                          }
                        }
                      }
                    }
                  }
                }
              }
            }
          }
        }
      }
    } else
      return validate20.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate20.errors = vErrors, errors === 0;
}
validate20.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var changeLogo = validate21;
var pattern6 = new RegExp("^[A-Za-z0-9+/]+={0,2}$", "u");
function validate21(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate21.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.picture === void 0 && (missing0 = "picture"))
        return validate21.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (key0 !== "picture") {
            return validate21.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors && data.picture !== void 0) {
          let data0 = data.picture, _errs3 = errors, valid1 = !1, _errs4 = errors;
          if (errors === _errs4)
            if (typeof data0 == "string") {
              if (func2(data0) > 266668) {
                let err0 = { instancePath: instancePath + "/picture", schemaPath: "#/properties/picture/anyOf/0/maxLength", keyword: "maxLength", params: { limit: 266668 }, message: "must NOT have more than 266668 characters" };
                vErrors === null ? vErrors = [err0] : vErrors.push(err0), errors++;
              } else if (!pattern6.test(data0)) {
                let err1 = { instancePath: instancePath + "/picture", schemaPath: "#/properties/picture/anyOf/0/pattern", keyword: "pattern", params: { pattern: "^[A-Za-z0-9+/]+={0,2}$" }, message: 'must match pattern "^[A-Za-z0-9+/]+={0,2}$"' };
                vErrors === null ? vErrors = [err1] : vErrors.push(err1), errors++;
              }
            } else {
              let err2 = { instancePath: instancePath + "/picture", schemaPath: "#/properties/picture/anyOf/0/type", keyword: "type", params: { type: "string" }, message: "must be string" };
              vErrors === null ? vErrors = [err2] : vErrors.push(err2), errors++;
            }
          var _valid0 = _errs4 === errors;
          valid1 = valid1 || _valid0;
          let _errs6 = errors;
          if (data0 !== null) {
            let err3 = { instancePath: instancePath + "/picture", schemaPath: "#/properties/picture/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
            vErrors === null ? vErrors = [err3] : vErrors.push(err3), errors++;
          }
          var _valid0 = _errs6 === errors;
          if (valid1 = valid1 || _valid0, valid1)
            errors = _errs3, vErrors !== null && (_errs3 ? vErrors.length = _errs3 : vErrors = null);
          else {
            let err4 = { instancePath: instancePath + "/picture", schemaPath: "#/properties/picture/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
            return vErrors === null ? vErrors = [err4] : vErrors.push(err4), errors++, validate21.errors = vErrors, !1;
          }
        }
      }
    } else
      return validate21.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate21.errors = vErrors, errors === 0;
}
validate21.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var changePeriods = validate22, schema33 = { type: "object", required: ["kind", "weekStart", "days", "from"], properties: { kind: { type: "string", enum: ["week", "half-month", "month", "days"] }, weekStart: { type: "integer", minimum: 1, maximum: 7 }, days: { type: "integer", minimum: 1, maximum: 62 }, from: { type: "string", format: "date" } }, additionalProperties: !1 }, formats0 = /^\d{4}-\d{2}-\d{2}$/;
function validate22(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate22.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.kind === void 0 && (missing0 = "kind") || data.weekStart === void 0 && (missing0 = "weekStart") || data.days === void 0 && (missing0 = "days") || data.from === void 0 && (missing0 = "from"))
        return validate22.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "kind" || key0 === "weekStart" || key0 === "days" || key0 === "from")) {
            return validate22.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.kind !== void 0) {
            let data0 = data.kind, _errs2 = errors;
            if (typeof data0 != "string")
              return validate22.errors = [{ instancePath: instancePath + "/kind", schemaPath: "#/properties/kind/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
            if (!(data0 === "week" || data0 === "half-month" || data0 === "month" || data0 === "days"))
              return validate22.errors = [{ instancePath: instancePath + "/kind", schemaPath: "#/properties/kind/enum", keyword: "enum", params: { allowedValues: schema33.properties.kind.enum }, message: "must be equal to one of the allowed values" }], !1;
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0) {
            if (data.weekStart !== void 0) {
              let data1 = data.weekStart, _errs4 = errors;
              if (!(typeof data1 == "number" && !(data1 % 1) && !isNaN(data1) && isFinite(data1)))
                return validate22.errors = [{ instancePath: instancePath + "/weekStart", schemaPath: "#/properties/weekStart/type", keyword: "type", params: { type: "integer" }, message: "must be integer" }], !1;
              if (errors === _errs4 && typeof data1 == "number" && isFinite(data1)) {
                if (data1 > 7 || isNaN(data1))
                  return validate22.errors = [{ instancePath: instancePath + "/weekStart", schemaPath: "#/properties/weekStart/maximum", keyword: "maximum", params: { comparison: "<=", limit: 7 }, message: "must be <= 7" }], !1;
                if (data1 < 1 || isNaN(data1))
                  return validate22.errors = [{ instancePath: instancePath + "/weekStart", schemaPath: "#/properties/weekStart/minimum", keyword: "minimum", params: { comparison: ">=", limit: 1 }, message: "must be >= 1" }], !1;
              }
              var valid0 = _errs4 === errors;
            } else
              var valid0 = !0;
            if (valid0) {
              if (data.days !== void 0) {
                let data2 = data.days, _errs6 = errors;
                if (!(typeof data2 == "number" && !(data2 % 1) && !isNaN(data2) && isFinite(data2)))
                  return validate22.errors = [{ instancePath: instancePath + "/days", schemaPath: "#/properties/days/type", keyword: "type", params: { type: "integer" }, message: "must be integer" }], !1;
                if (errors === _errs6 && typeof data2 == "number" && isFinite(data2)) {
                  if (data2 > 62 || isNaN(data2))
                    return validate22.errors = [{ instancePath: instancePath + "/days", schemaPath: "#/properties/days/maximum", keyword: "maximum", params: { comparison: "<=", limit: 62 }, message: "must be <= 62" }], !1;
                  if (data2 < 1 || isNaN(data2))
                    return validate22.errors = [{ instancePath: instancePath + "/days", schemaPath: "#/properties/days/minimum", keyword: "minimum", params: { comparison: ">=", limit: 1 }, message: "must be >= 1" }], !1;
                }
                var valid0 = _errs6 === errors;
              } else
                var valid0 = !0;
              if (valid0)
                if (data.from !== void 0) {
                  let data3 = data.from, _errs8 = errors;
                  if (errors === _errs8 && errors === _errs8)
                    if (typeof data3 == "string") {
                      if (!formats0.test(data3))
                        return validate22.errors = [{ instancePath: instancePath + "/from", schemaPath: "#/properties/from/format", keyword: "format", params: { format: "date" }, message: 'must match format "date"' }], !1;
                    } else
                      return validate22.errors = [{ instancePath: instancePath + "/from", schemaPath: "#/properties/from/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                  var valid0 = _errs8 === errors;
                } else
                  var valid0 = !0;
            }
          }
        }
      }
    } else
      return validate22.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate22.errors = vErrors, errors === 0;
}
validate22.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var changeSignInRule = validate23;
function validate23(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate23.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.factorForMoney === void 0 && (missing0 = "factorForMoney"))
        return validate23.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (key0 !== "factorForMoney") {
            return validate23.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors && data.factorForMoney !== void 0 && typeof data.factorForMoney != "boolean")
          return validate23.errors = [{ instancePath: instancePath + "/factorForMoney", schemaPath: "#/properties/factorForMoney/type", keyword: "type", params: { type: "boolean" }, message: "must be boolean" }], !1;
      }
    } else
      return validate23.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate23.errors = vErrors, errors === 0;
}
validate23.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var changeTimeRules = validate24, schema35 = { type: "object", required: ["dayMaximum", "weekMaximum", "gapTolerance", "ways", "planned", "lockedUntil", "review", "unreviewed"], properties: { dayMaximum: { type: "integer", minimum: 60, maximum: 604800 }, weekMaximum: { type: "integer", minimum: 60, maximum: 604800 }, gapTolerance: { type: "integer", minimum: 0, maximum: 86400 }, ways: { type: "array", items: { type: "string", enum: ["timer", "length", "span"] }, minItems: 1, maxItems: 3, uniqueItems: !0 }, planned: { type: "object", required: ["hours", "dayStart", "dayEnd"], properties: { hours: { type: "array", items: { type: "integer", minimum: 0, maximum: 86400 }, minItems: 7, maxItems: 7 }, dayStart: { type: "string", pattern: "^([01][0-9]|2[0-3]):[0-5][0-9](:[0-5][0-9])?$" }, dayEnd: { type: "string", pattern: "^([01][0-9]|2[0-3]):[0-5][0-9](:[0-5][0-9])?$" } }, additionalProperties: !1 }, lockedUntil: { anyOf: [{ type: "string", format: "date" }, { type: "null" }] }, review: { type: "boolean" }, unreviewed: { type: "array", items: { type: "string", format: "uuid" }, maxItems: 5e3, uniqueItems: !0 } }, additionalProperties: !1 }, pattern7 = new RegExp("^([01][0-9]|2[0-3]):[0-5][0-9](:[0-5][0-9])?$", "u"), formats4 = /^[0-9a-f]{8}-(?:[0-9a-f]{4}-){3}[0-9a-f]{12}$/;
function validate24(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate24.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.dayMaximum === void 0 && (missing0 = "dayMaximum") || data.weekMaximum === void 0 && (missing0 = "weekMaximum") || data.gapTolerance === void 0 && (missing0 = "gapTolerance") || data.ways === void 0 && (missing0 = "ways") || data.planned === void 0 && (missing0 = "planned") || data.lockedUntil === void 0 && (missing0 = "lockedUntil") || data.review === void 0 && (missing0 = "review") || data.unreviewed === void 0 && (missing0 = "unreviewed"))
        return validate24.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "dayMaximum" || key0 === "weekMaximum" || key0 === "gapTolerance" || key0 === "ways" || key0 === "planned" || key0 === "lockedUntil" || key0 === "review" || key0 === "unreviewed")) {
            return validate24.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.dayMaximum !== void 0) {
            let data0 = data.dayMaximum, _errs2 = errors;
            if (!(typeof data0 == "number" && !(data0 % 1) && !isNaN(data0) && isFinite(data0)))
              return validate24.errors = [{ instancePath: instancePath + "/dayMaximum", schemaPath: "#/properties/dayMaximum/type", keyword: "type", params: { type: "integer" }, message: "must be integer" }], !1;
            if (errors === _errs2 && typeof data0 == "number" && isFinite(data0)) {
              if (data0 > 604800 || isNaN(data0))
                return validate24.errors = [{ instancePath: instancePath + "/dayMaximum", schemaPath: "#/properties/dayMaximum/maximum", keyword: "maximum", params: { comparison: "<=", limit: 604800 }, message: "must be <= 604800" }], !1;
              if (data0 < 60 || isNaN(data0))
                return validate24.errors = [{ instancePath: instancePath + "/dayMaximum", schemaPath: "#/properties/dayMaximum/minimum", keyword: "minimum", params: { comparison: ">=", limit: 60 }, message: "must be >= 60" }], !1;
            }
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0) {
            if (data.weekMaximum !== void 0) {
              let data1 = data.weekMaximum, _errs4 = errors;
              if (!(typeof data1 == "number" && !(data1 % 1) && !isNaN(data1) && isFinite(data1)))
                return validate24.errors = [{ instancePath: instancePath + "/weekMaximum", schemaPath: "#/properties/weekMaximum/type", keyword: "type", params: { type: "integer" }, message: "must be integer" }], !1;
              if (errors === _errs4 && typeof data1 == "number" && isFinite(data1)) {
                if (data1 > 604800 || isNaN(data1))
                  return validate24.errors = [{ instancePath: instancePath + "/weekMaximum", schemaPath: "#/properties/weekMaximum/maximum", keyword: "maximum", params: { comparison: "<=", limit: 604800 }, message: "must be <= 604800" }], !1;
                if (data1 < 60 || isNaN(data1))
                  return validate24.errors = [{ instancePath: instancePath + "/weekMaximum", schemaPath: "#/properties/weekMaximum/minimum", keyword: "minimum", params: { comparison: ">=", limit: 60 }, message: "must be >= 60" }], !1;
              }
              var valid0 = _errs4 === errors;
            } else
              var valid0 = !0;
            if (valid0) {
              if (data.gapTolerance !== void 0) {
                let data2 = data.gapTolerance, _errs6 = errors;
                if (!(typeof data2 == "number" && !(data2 % 1) && !isNaN(data2) && isFinite(data2)))
                  return validate24.errors = [{ instancePath: instancePath + "/gapTolerance", schemaPath: "#/properties/gapTolerance/type", keyword: "type", params: { type: "integer" }, message: "must be integer" }], !1;
                if (errors === _errs6 && typeof data2 == "number" && isFinite(data2)) {
                  if (data2 > 86400 || isNaN(data2))
                    return validate24.errors = [{ instancePath: instancePath + "/gapTolerance", schemaPath: "#/properties/gapTolerance/maximum", keyword: "maximum", params: { comparison: "<=", limit: 86400 }, message: "must be <= 86400" }], !1;
                  if (data2 < 0 || isNaN(data2))
                    return validate24.errors = [{ instancePath: instancePath + "/gapTolerance", schemaPath: "#/properties/gapTolerance/minimum", keyword: "minimum", params: { comparison: ">=", limit: 0 }, message: "must be >= 0" }], !1;
                }
                var valid0 = _errs6 === errors;
              } else
                var valid0 = !0;
              if (valid0) {
                if (data.ways !== void 0) {
                  let data3 = data.ways, _errs8 = errors;
                  if (errors === _errs8)
                    if (Array.isArray(data3)) {
                      if (data3.length > 3)
                        return validate24.errors = [{ instancePath: instancePath + "/ways", schemaPath: "#/properties/ways/maxItems", keyword: "maxItems", params: { limit: 3 }, message: "must NOT have more than 3 items" }], !1;
                      if (data3.length < 1)
                        return validate24.errors = [{ instancePath: instancePath + "/ways", schemaPath: "#/properties/ways/minItems", keyword: "minItems", params: { limit: 1 }, message: "must NOT have fewer than 1 items" }], !1;
                      {
                        var valid1 = !0;
                        let len0 = data3.length;
                        for (let i0 = 0; i0 < len0; i0++) {
                          let data4 = data3[i0], _errs10 = errors;
                          if (typeof data4 != "string")
                            return validate24.errors = [{ instancePath: instancePath + "/ways/" + i0, schemaPath: "#/properties/ways/items/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                          if (!(data4 === "timer" || data4 === "length" || data4 === "span"))
                            return validate24.errors = [{ instancePath: instancePath + "/ways/" + i0, schemaPath: "#/properties/ways/items/enum", keyword: "enum", params: { allowedValues: schema35.properties.ways.items.enum }, message: "must be equal to one of the allowed values" }], !1;
                          var valid1 = _errs10 === errors;
                          if (!valid1)
                            break;
                        }
                        if (valid1) {
                          let i1 = data3.length, j0;
                          if (i1 > 1) {
                            let indices0 = {};
                            for (; i1--; ) {
                              let item0 = data3[i1];
                              if (typeof item0 == "string") {
                                if (typeof indices0[item0] == "number") {
                                  return j0 = indices0[item0], validate24.errors = [{ instancePath: instancePath + "/ways", schemaPath: "#/properties/ways/uniqueItems", keyword: "uniqueItems", params: { i: i1, j: j0 }, message: "must NOT have duplicate items (items ## " + j0 + " and " + i1 + " are identical)" }], !1;
                                  break;
                                }
                                indices0[item0] = i1;
                              }
                            }
                          }
                        }
                      }
                    } else
                      return validate24.errors = [{ instancePath: instancePath + "/ways", schemaPath: "#/properties/ways/type", keyword: "type", params: { type: "array" }, message: "must be array" }], !1;
                  var valid0 = _errs8 === errors;
                } else
                  var valid0 = !0;
                if (valid0) {
                  if (data.planned !== void 0) {
                    let data5 = data.planned, _errs12 = errors;
                    if (errors === _errs12)
                      if (data5 && typeof data5 == "object" && !Array.isArray(data5)) {
                        let missing1;
                        if (data5.hours === void 0 && (missing1 = "hours") || data5.dayStart === void 0 && (missing1 = "dayStart") || data5.dayEnd === void 0 && (missing1 = "dayEnd"))
                          return validate24.errors = [{ instancePath: instancePath + "/planned", schemaPath: "#/properties/planned/required", keyword: "required", params: { missingProperty: missing1 }, message: "must have required property '" + missing1 + "'" }], !1;
                        {
                          let _errs14 = errors;
                          for (let key1 in data5)
                            if (!(key1 === "hours" || key1 === "dayStart" || key1 === "dayEnd")) {
                              return validate24.errors = [{ instancePath: instancePath + "/planned", schemaPath: "#/properties/planned/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key1 }, message: "must NOT have additional properties" }], !1;
                              break;
                            }
                          if (_errs14 === errors) {
                            if (data5.hours !== void 0) {
                              let data6 = data5.hours, _errs15 = errors;
                              if (errors === _errs15)
                                if (Array.isArray(data6)) {
                                  if (data6.length > 7)
                                    return validate24.errors = [{ instancePath: instancePath + "/planned/hours", schemaPath: "#/properties/planned/properties/hours/maxItems", keyword: "maxItems", params: { limit: 7 }, message: "must NOT have more than 7 items" }], !1;
                                  if (data6.length < 7)
                                    return validate24.errors = [{ instancePath: instancePath + "/planned/hours", schemaPath: "#/properties/planned/properties/hours/minItems", keyword: "minItems", params: { limit: 7 }, message: "must NOT have fewer than 7 items" }], !1;
                                  {
                                    var valid4 = !0;
                                    let len1 = data6.length;
                                    for (let i2 = 0; i2 < len1; i2++) {
                                      let data7 = data6[i2], _errs17 = errors;
                                      if (!(typeof data7 == "number" && !(data7 % 1) && !isNaN(data7) && isFinite(data7)))
                                        return validate24.errors = [{ instancePath: instancePath + "/planned/hours/" + i2, schemaPath: "#/properties/planned/properties/hours/items/type", keyword: "type", params: { type: "integer" }, message: "must be integer" }], !1;
                                      if (errors === _errs17 && typeof data7 == "number" && isFinite(data7)) {
                                        if (data7 > 86400 || isNaN(data7))
                                          return validate24.errors = [{ instancePath: instancePath + "/planned/hours/" + i2, schemaPath: "#/properties/planned/properties/hours/items/maximum", keyword: "maximum", params: { comparison: "<=", limit: 86400 }, message: "must be <= 86400" }], !1;
                                        if (data7 < 0 || isNaN(data7))
                                          return validate24.errors = [{ instancePath: instancePath + "/planned/hours/" + i2, schemaPath: "#/properties/planned/properties/hours/items/minimum", keyword: "minimum", params: { comparison: ">=", limit: 0 }, message: "must be >= 0" }], !1;
                                      }
                                      var valid4 = _errs17 === errors;
                                      if (!valid4)
                                        break;
                                    }
                                  }
                                } else
                                  return validate24.errors = [{ instancePath: instancePath + "/planned/hours", schemaPath: "#/properties/planned/properties/hours/type", keyword: "type", params: { type: "array" }, message: "must be array" }], !1;
                              var valid3 = _errs15 === errors;
                            } else
                              var valid3 = !0;
                            if (valid3) {
                              if (data5.dayStart !== void 0) {
                                let data8 = data5.dayStart, _errs19 = errors;
                                if (errors === _errs19)
                                  if (typeof data8 == "string") {
                                    if (!pattern7.test(data8))
                                      return validate24.errors = [{ instancePath: instancePath + "/planned/dayStart", schemaPath: "#/properties/planned/properties/dayStart/pattern", keyword: "pattern", params: { pattern: "^([01][0-9]|2[0-3]):[0-5][0-9](:[0-5][0-9])?$" }, message: 'must match pattern "^([01][0-9]|2[0-3]):[0-5][0-9](:[0-5][0-9])?$"' }], !1;
                                  } else
                                    return validate24.errors = [{ instancePath: instancePath + "/planned/dayStart", schemaPath: "#/properties/planned/properties/dayStart/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                var valid3 = _errs19 === errors;
                              } else
                                var valid3 = !0;
                              if (valid3)
                                if (data5.dayEnd !== void 0) {
                                  let data9 = data5.dayEnd, _errs21 = errors;
                                  if (errors === _errs21)
                                    if (typeof data9 == "string") {
                                      if (!pattern7.test(data9))
                                        return validate24.errors = [{ instancePath: instancePath + "/planned/dayEnd", schemaPath: "#/properties/planned/properties/dayEnd/pattern", keyword: "pattern", params: { pattern: "^([01][0-9]|2[0-3]):[0-5][0-9](:[0-5][0-9])?$" }, message: 'must match pattern "^([01][0-9]|2[0-3]):[0-5][0-9](:[0-5][0-9])?$"' }], !1;
                                    } else
                                      return validate24.errors = [{ instancePath: instancePath + "/planned/dayEnd", schemaPath: "#/properties/planned/properties/dayEnd/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                  var valid3 = _errs21 === errors;
                                } else
                                  var valid3 = !0;
                            }
                          }
                        }
                      } else
                        return validate24.errors = [{ instancePath: instancePath + "/planned", schemaPath: "#/properties/planned/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
                    var valid0 = _errs12 === errors;
                  } else
                    var valid0 = !0;
                  if (valid0) {
                    if (data.lockedUntil !== void 0) {
                      let data10 = data.lockedUntil, _errs23 = errors, _errs24 = errors, valid5 = !1, _errs25 = errors;
                      if (errors === _errs25 && errors === _errs25)
                        if (typeof data10 == "string") {
                          if (!formats0.test(data10)) {
                            let err0 = { instancePath: instancePath + "/lockedUntil", schemaPath: "#/properties/lockedUntil/anyOf/0/format", keyword: "format", params: { format: "date" }, message: 'must match format "date"' };
                            vErrors === null ? vErrors = [err0] : vErrors.push(err0), errors++;
                          }
                        } else {
                          let err1 = { instancePath: instancePath + "/lockedUntil", schemaPath: "#/properties/lockedUntil/anyOf/0/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                          vErrors === null ? vErrors = [err1] : vErrors.push(err1), errors++;
                        }
                      var _valid0 = _errs25 === errors;
                      valid5 = valid5 || _valid0;
                      let _errs27 = errors;
                      if (data10 !== null) {
                        let err2 = { instancePath: instancePath + "/lockedUntil", schemaPath: "#/properties/lockedUntil/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
                        vErrors === null ? vErrors = [err2] : vErrors.push(err2), errors++;
                      }
                      var _valid0 = _errs27 === errors;
                      if (valid5 = valid5 || _valid0, valid5)
                        errors = _errs24, vErrors !== null && (_errs24 ? vErrors.length = _errs24 : vErrors = null);
                      else {
                        let err3 = { instancePath: instancePath + "/lockedUntil", schemaPath: "#/properties/lockedUntil/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                        return vErrors === null ? vErrors = [err3] : vErrors.push(err3), errors++, validate24.errors = vErrors, !1;
                      }
                      var valid0 = _errs23 === errors;
                    } else
                      var valid0 = !0;
                    if (valid0) {
                      if (data.review !== void 0) {
                        let _errs29 = errors;
                        if (typeof data.review != "boolean")
                          return validate24.errors = [{ instancePath: instancePath + "/review", schemaPath: "#/properties/review/type", keyword: "type", params: { type: "boolean" }, message: "must be boolean" }], !1;
                        var valid0 = _errs29 === errors;
                      } else
                        var valid0 = !0;
                      if (valid0)
                        if (data.unreviewed !== void 0) {
                          let data12 = data.unreviewed, _errs31 = errors;
                          if (errors === _errs31)
                            if (Array.isArray(data12)) {
                              if (data12.length > 5e3)
                                return validate24.errors = [{ instancePath: instancePath + "/unreviewed", schemaPath: "#/properties/unreviewed/maxItems", keyword: "maxItems", params: { limit: 5e3 }, message: "must NOT have more than 5000 items" }], !1;
                              {
                                var valid6 = !0;
                                let len2 = data12.length;
                                for (let i3 = 0; i3 < len2; i3++) {
                                  let data13 = data12[i3], _errs33 = errors;
                                  if (errors === _errs33 && errors === _errs33)
                                    if (typeof data13 == "string") {
                                      if (!formats4.test(data13))
                                        return validate24.errors = [{ instancePath: instancePath + "/unreviewed/" + i3, schemaPath: "#/properties/unreviewed/items/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' }], !1;
                                    } else
                                      return validate24.errors = [{ instancePath: instancePath + "/unreviewed/" + i3, schemaPath: "#/properties/unreviewed/items/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                  var valid6 = _errs33 === errors;
                                  if (!valid6)
                                    break;
                                }
                                if (valid6) {
                                  let i4 = data12.length, j1;
                                  if (i4 > 1) {
                                    let indices1 = {};
                                    for (; i4--; ) {
                                      let item1 = data12[i4];
                                      if (typeof item1 == "string") {
                                        if (typeof indices1[item1] == "number") {
                                          return j1 = indices1[item1], validate24.errors = [{ instancePath: instancePath + "/unreviewed", schemaPath: "#/properties/unreviewed/uniqueItems", keyword: "uniqueItems", params: { i: i4, j: j1 }, message: "must NOT have duplicate items (items ## " + j1 + " and " + i4 + " are identical)" }], !1;
                                          break;
                                        }
                                        indices1[item1] = i4;
                                      }
                                    }
                                  }
                                }
                              }
                            } else
                              return validate24.errors = [{ instancePath: instancePath + "/unreviewed", schemaPath: "#/properties/unreviewed/type", keyword: "type", params: { type: "array" }, message: "must be array" }], !1;
                          var valid0 = _errs31 === errors;
                        } else
                          var valid0 = !0;
                    }
                  }
                }
              }
            }
          }
        }
      }
    } else
      return validate24.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate24.errors = vErrors, errors === 0;
}
validate24.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var changeWords = validate25, schema36 = { type: "object", required: ["words", "workText"], properties: { words: { type: "object", properties: { client: { type: "object", required: ["one", "many"], properties: { one: { type: "string", minLength: 1, maxLength: 30, pattern: "\\S" }, many: { type: "string", minLength: 1, maxLength: 30, pattern: "\\S" } }, additionalProperties: !1 }, project: { type: "object", required: ["one", "many"], properties: { one: { type: "string", minLength: 1, maxLength: 30, pattern: "\\S" }, many: { type: "string", minLength: 1, maxLength: 30, pattern: "\\S" } }, additionalProperties: !1 }, task: { type: "object", required: ["one", "many"], properties: { one: { type: "string", minLength: 1, maxLength: 30, pattern: "\\S" }, many: { type: "string", minLength: 1, maxLength: 30, pattern: "\\S" } }, additionalProperties: !1 }, service: { type: "object", required: ["one", "many"], properties: { one: { type: "string", minLength: 1, maxLength: 30, pattern: "\\S" }, many: { type: "string", minLength: 1, maxLength: 30, pattern: "\\S" } }, additionalProperties: !1 } }, additionalProperties: !1 }, workText: { type: "string", enum: ["name", "code", "order reference"] } }, additionalProperties: !1 };
function validate25(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate25.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.words === void 0 && (missing0 = "words") || data.workText === void 0 && (missing0 = "workText"))
        return validate25.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "words" || key0 === "workText")) {
            return validate25.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.words !== void 0) {
            let data0 = data.words, _errs2 = errors;
            if (errors === _errs2)
              if (data0 && typeof data0 == "object" && !Array.isArray(data0)) {
                let _errs4 = errors;
                for (let key1 in data0)
                  if (!(key1 === "client" || key1 === "project" || key1 === "task" || key1 === "service")) {
                    return validate25.errors = [{ instancePath: instancePath + "/words", schemaPath: "#/properties/words/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key1 }, message: "must NOT have additional properties" }], !1;
                    break;
                  }
                if (_errs4 === errors) {
                  if (data0.client !== void 0) {
                    let data1 = data0.client, _errs5 = errors;
                    if (errors === _errs5)
                      if (data1 && typeof data1 == "object" && !Array.isArray(data1)) {
                        let missing1;
                        if (data1.one === void 0 && (missing1 = "one") || data1.many === void 0 && (missing1 = "many"))
                          return validate25.errors = [{ instancePath: instancePath + "/words/client", schemaPath: "#/properties/words/properties/client/required", keyword: "required", params: { missingProperty: missing1 }, message: "must have required property '" + missing1 + "'" }], !1;
                        {
                          let _errs7 = errors;
                          for (let key2 in data1)
                            if (!(key2 === "one" || key2 === "many")) {
                              return validate25.errors = [{ instancePath: instancePath + "/words/client", schemaPath: "#/properties/words/properties/client/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key2 }, message: "must NOT have additional properties" }], !1;
                              break;
                            }
                          if (_errs7 === errors) {
                            if (data1.one !== void 0) {
                              let data2 = data1.one, _errs8 = errors;
                              if (errors === _errs8)
                                if (typeof data2 == "string") {
                                  if (func2(data2) > 30)
                                    return validate25.errors = [{ instancePath: instancePath + "/words/client/one", schemaPath: "#/properties/words/properties/client/properties/one/maxLength", keyword: "maxLength", params: { limit: 30 }, message: "must NOT have more than 30 characters" }], !1;
                                  if (func2(data2) < 1)
                                    return validate25.errors = [{ instancePath: instancePath + "/words/client/one", schemaPath: "#/properties/words/properties/client/properties/one/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                                  if (!pattern4.test(data2))
                                    return validate25.errors = [{ instancePath: instancePath + "/words/client/one", schemaPath: "#/properties/words/properties/client/properties/one/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
                                } else
                                  return validate25.errors = [{ instancePath: instancePath + "/words/client/one", schemaPath: "#/properties/words/properties/client/properties/one/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                              var valid2 = _errs8 === errors;
                            } else
                              var valid2 = !0;
                            if (valid2)
                              if (data1.many !== void 0) {
                                let data3 = data1.many, _errs10 = errors;
                                if (errors === _errs10)
                                  if (typeof data3 == "string") {
                                    if (func2(data3) > 30)
                                      return validate25.errors = [{ instancePath: instancePath + "/words/client/many", schemaPath: "#/properties/words/properties/client/properties/many/maxLength", keyword: "maxLength", params: { limit: 30 }, message: "must NOT have more than 30 characters" }], !1;
                                    if (func2(data3) < 1)
                                      return validate25.errors = [{ instancePath: instancePath + "/words/client/many", schemaPath: "#/properties/words/properties/client/properties/many/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                                    if (!pattern4.test(data3))
                                      return validate25.errors = [{ instancePath: instancePath + "/words/client/many", schemaPath: "#/properties/words/properties/client/properties/many/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
                                  } else
                                    return validate25.errors = [{ instancePath: instancePath + "/words/client/many", schemaPath: "#/properties/words/properties/client/properties/many/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                var valid2 = _errs10 === errors;
                              } else
                                var valid2 = !0;
                          }
                        }
                      } else
                        return validate25.errors = [{ instancePath: instancePath + "/words/client", schemaPath: "#/properties/words/properties/client/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
                    var valid1 = _errs5 === errors;
                  } else
                    var valid1 = !0;
                  if (valid1) {
                    if (data0.project !== void 0) {
                      let data4 = data0.project, _errs12 = errors;
                      if (errors === _errs12)
                        if (data4 && typeof data4 == "object" && !Array.isArray(data4)) {
                          let missing2;
                          if (data4.one === void 0 && (missing2 = "one") || data4.many === void 0 && (missing2 = "many"))
                            return validate25.errors = [{ instancePath: instancePath + "/words/project", schemaPath: "#/properties/words/properties/project/required", keyword: "required", params: { missingProperty: missing2 }, message: "must have required property '" + missing2 + "'" }], !1;
                          {
                            let _errs14 = errors;
                            for (let key3 in data4)
                              if (!(key3 === "one" || key3 === "many")) {
                                return validate25.errors = [{ instancePath: instancePath + "/words/project", schemaPath: "#/properties/words/properties/project/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key3 }, message: "must NOT have additional properties" }], !1;
                                break;
                              }
                            if (_errs14 === errors) {
                              if (data4.one !== void 0) {
                                let data5 = data4.one, _errs15 = errors;
                                if (errors === _errs15)
                                  if (typeof data5 == "string") {
                                    if (func2(data5) > 30)
                                      return validate25.errors = [{ instancePath: instancePath + "/words/project/one", schemaPath: "#/properties/words/properties/project/properties/one/maxLength", keyword: "maxLength", params: { limit: 30 }, message: "must NOT have more than 30 characters" }], !1;
                                    if (func2(data5) < 1)
                                      return validate25.errors = [{ instancePath: instancePath + "/words/project/one", schemaPath: "#/properties/words/properties/project/properties/one/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                                    if (!pattern4.test(data5))
                                      return validate25.errors = [{ instancePath: instancePath + "/words/project/one", schemaPath: "#/properties/words/properties/project/properties/one/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
                                  } else
                                    return validate25.errors = [{ instancePath: instancePath + "/words/project/one", schemaPath: "#/properties/words/properties/project/properties/one/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                var valid3 = _errs15 === errors;
                              } else
                                var valid3 = !0;
                              if (valid3)
                                if (data4.many !== void 0) {
                                  let data6 = data4.many, _errs17 = errors;
                                  if (errors === _errs17)
                                    if (typeof data6 == "string") {
                                      if (func2(data6) > 30)
                                        return validate25.errors = [{ instancePath: instancePath + "/words/project/many", schemaPath: "#/properties/words/properties/project/properties/many/maxLength", keyword: "maxLength", params: { limit: 30 }, message: "must NOT have more than 30 characters" }], !1;
                                      if (func2(data6) < 1)
                                        return validate25.errors = [{ instancePath: instancePath + "/words/project/many", schemaPath: "#/properties/words/properties/project/properties/many/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                                      if (!pattern4.test(data6))
                                        return validate25.errors = [{ instancePath: instancePath + "/words/project/many", schemaPath: "#/properties/words/properties/project/properties/many/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
                                    } else
                                      return validate25.errors = [{ instancePath: instancePath + "/words/project/many", schemaPath: "#/properties/words/properties/project/properties/many/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                  var valid3 = _errs17 === errors;
                                } else
                                  var valid3 = !0;
                            }
                          }
                        } else
                          return validate25.errors = [{ instancePath: instancePath + "/words/project", schemaPath: "#/properties/words/properties/project/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
                      var valid1 = _errs12 === errors;
                    } else
                      var valid1 = !0;
                    if (valid1) {
                      if (data0.task !== void 0) {
                        let data7 = data0.task, _errs19 = errors;
                        if (errors === _errs19)
                          if (data7 && typeof data7 == "object" && !Array.isArray(data7)) {
                            let missing3;
                            if (data7.one === void 0 && (missing3 = "one") || data7.many === void 0 && (missing3 = "many"))
                              return validate25.errors = [{ instancePath: instancePath + "/words/task", schemaPath: "#/properties/words/properties/task/required", keyword: "required", params: { missingProperty: missing3 }, message: "must have required property '" + missing3 + "'" }], !1;
                            {
                              let _errs21 = errors;
                              for (let key4 in data7)
                                if (!(key4 === "one" || key4 === "many")) {
                                  return validate25.errors = [{ instancePath: instancePath + "/words/task", schemaPath: "#/properties/words/properties/task/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key4 }, message: "must NOT have additional properties" }], !1;
                                  break;
                                }
                              if (_errs21 === errors) {
                                if (data7.one !== void 0) {
                                  let data8 = data7.one, _errs22 = errors;
                                  if (errors === _errs22)
                                    if (typeof data8 == "string") {
                                      if (func2(data8) > 30)
                                        return validate25.errors = [{ instancePath: instancePath + "/words/task/one", schemaPath: "#/properties/words/properties/task/properties/one/maxLength", keyword: "maxLength", params: { limit: 30 }, message: "must NOT have more than 30 characters" }], !1;
                                      if (func2(data8) < 1)
                                        return validate25.errors = [{ instancePath: instancePath + "/words/task/one", schemaPath: "#/properties/words/properties/task/properties/one/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                                      if (!pattern4.test(data8))
                                        return validate25.errors = [{ instancePath: instancePath + "/words/task/one", schemaPath: "#/properties/words/properties/task/properties/one/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
                                    } else
                                      return validate25.errors = [{ instancePath: instancePath + "/words/task/one", schemaPath: "#/properties/words/properties/task/properties/one/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                  var valid4 = _errs22 === errors;
                                } else
                                  var valid4 = !0;
                                if (valid4)
                                  if (data7.many !== void 0) {
                                    let data9 = data7.many, _errs24 = errors;
                                    if (errors === _errs24)
                                      if (typeof data9 == "string") {
                                        if (func2(data9) > 30)
                                          return validate25.errors = [{ instancePath: instancePath + "/words/task/many", schemaPath: "#/properties/words/properties/task/properties/many/maxLength", keyword: "maxLength", params: { limit: 30 }, message: "must NOT have more than 30 characters" }], !1;
                                        if (func2(data9) < 1)
                                          return validate25.errors = [{ instancePath: instancePath + "/words/task/many", schemaPath: "#/properties/words/properties/task/properties/many/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                                        if (!pattern4.test(data9))
                                          return validate25.errors = [{ instancePath: instancePath + "/words/task/many", schemaPath: "#/properties/words/properties/task/properties/many/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
                                      } else
                                        return validate25.errors = [{ instancePath: instancePath + "/words/task/many", schemaPath: "#/properties/words/properties/task/properties/many/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                    var valid4 = _errs24 === errors;
                                  } else
                                    var valid4 = !0;
                              }
                            }
                          } else
                            return validate25.errors = [{ instancePath: instancePath + "/words/task", schemaPath: "#/properties/words/properties/task/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
                        var valid1 = _errs19 === errors;
                      } else
                        var valid1 = !0;
                      if (valid1)
                        if (data0.service !== void 0) {
                          let data10 = data0.service, _errs26 = errors;
                          if (errors === _errs26)
                            if (data10 && typeof data10 == "object" && !Array.isArray(data10)) {
                              let missing4;
                              if (data10.one === void 0 && (missing4 = "one") || data10.many === void 0 && (missing4 = "many"))
                                return validate25.errors = [{ instancePath: instancePath + "/words/service", schemaPath: "#/properties/words/properties/service/required", keyword: "required", params: { missingProperty: missing4 }, message: "must have required property '" + missing4 + "'" }], !1;
                              {
                                let _errs28 = errors;
                                for (let key5 in data10)
                                  if (!(key5 === "one" || key5 === "many")) {
                                    return validate25.errors = [{ instancePath: instancePath + "/words/service", schemaPath: "#/properties/words/properties/service/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key5 }, message: "must NOT have additional properties" }], !1;
                                    break;
                                  }
                                if (_errs28 === errors) {
                                  if (data10.one !== void 0) {
                                    let data11 = data10.one, _errs29 = errors;
                                    if (errors === _errs29)
                                      if (typeof data11 == "string") {
                                        if (func2(data11) > 30)
                                          return validate25.errors = [{ instancePath: instancePath + "/words/service/one", schemaPath: "#/properties/words/properties/service/properties/one/maxLength", keyword: "maxLength", params: { limit: 30 }, message: "must NOT have more than 30 characters" }], !1;
                                        if (func2(data11) < 1)
                                          return validate25.errors = [{ instancePath: instancePath + "/words/service/one", schemaPath: "#/properties/words/properties/service/properties/one/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                                        if (!pattern4.test(data11))
                                          return validate25.errors = [{ instancePath: instancePath + "/words/service/one", schemaPath: "#/properties/words/properties/service/properties/one/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
                                      } else
                                        return validate25.errors = [{ instancePath: instancePath + "/words/service/one", schemaPath: "#/properties/words/properties/service/properties/one/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                    var valid5 = _errs29 === errors;
                                  } else
                                    var valid5 = !0;
                                  if (valid5)
                                    if (data10.many !== void 0) {
                                      let data12 = data10.many, _errs31 = errors;
                                      if (errors === _errs31)
                                        if (typeof data12 == "string") {
                                          if (func2(data12) > 30)
                                            return validate25.errors = [{ instancePath: instancePath + "/words/service/many", schemaPath: "#/properties/words/properties/service/properties/many/maxLength", keyword: "maxLength", params: { limit: 30 }, message: "must NOT have more than 30 characters" }], !1;
                                          if (func2(data12) < 1)
                                            return validate25.errors = [{ instancePath: instancePath + "/words/service/many", schemaPath: "#/properties/words/properties/service/properties/many/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                                          if (!pattern4.test(data12))
                                            return validate25.errors = [{ instancePath: instancePath + "/words/service/many", schemaPath: "#/properties/words/properties/service/properties/many/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
                                        } else
                                          return validate25.errors = [{ instancePath: instancePath + "/words/service/many", schemaPath: "#/properties/words/properties/service/properties/many/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                                      var valid5 = _errs31 === errors;
                                    } else
                                      var valid5 = !0;
                                }
                              }
                            } else
                              return validate25.errors = [{ instancePath: instancePath + "/words/service", schemaPath: "#/properties/words/properties/service/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
                          var valid1 = _errs26 === errors;
                        } else
                          var valid1 = !0;
                    }
                  }
                }
              } else
                return validate25.errors = [{ instancePath: instancePath + "/words", schemaPath: "#/properties/words/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0)
            if (data.workText !== void 0) {
              let data13 = data.workText, _errs33 = errors;
              if (typeof data13 != "string")
                return validate25.errors = [{ instancePath: instancePath + "/workText", schemaPath: "#/properties/workText/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
              if (!(data13 === "name" || data13 === "code" || data13 === "order reference"))
                return validate25.errors = [{ instancePath: instancePath + "/workText", schemaPath: "#/properties/workText/enum", keyword: "enum", params: { allowedValues: schema36.properties.workText.enum }, message: "must be equal to one of the allowed values" }], !1;
              var valid0 = _errs33 === errors;
            } else
              var valid0 = !0;
        }
      }
    } else
      return validate25.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate25.errors = vErrors, errors === 0;
}
validate25.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
export {
  changeFirm,
  changeLogo,
  changePeriods,
  changeSignInRule,
  changeTimeRules,
  changeWords
};
